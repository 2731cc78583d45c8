package upahead.server.facts.awards;

import static upahead.server.database.Tables.AWARD;
import static upahead.server.database.Tables.AWARD_PERSON;
import static upahead.server.employment.PeopleJoined.PERSON_ID;
import static upahead.server.employment.PeopleJoined.PERSON_NAME;
import static upahead.server.platform.sql.Among.among;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.hours.Work;
import upahead.core.quantity.Amount;
import upahead.server.employment.PeopleJoined;
import upahead.server.facts.awards.Award.AwardedPerson;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.audit.ThingNames;
import upahead.server.platform.sql.Inserts;
import upahead.server.platform.sql.NamesById;

/** Paid hours given for extra days. */
@Repository
class AwardStore implements ThingNames {

    private static final String KIND = "holiday";

    private final DSLContext sql;

    AwardStore(DSLContext sql) {
        this.sql = sql;
    }

    long add(LocalDate on, String name, String reason, String author, Collection<AwardedPerson> people) {
        long id = sql.insertInto(AWARD)
                .set(AWARD.ON_DATE, on)
                .set(AWARD.NAME, name)
                .set(AWARD.REASON, reason)
                .set(AWARD.AUTHOR, author)
                .returningResult(AWARD.ID)
                .fetchOne(AWARD.ID);
        Inserts.all(
                sql,
                people.stream()
                        .map(person -> {
                            var row = sql.newRecord(AWARD_PERSON);
                            row.setAwardId(id);
                            row.setPersonId(person.personId());
                            row.setHours(person.hours().value());
                            return row;
                        })
                        .toList());
        return id;
    }

    void remove(long id) {
        sql.deleteFrom(AWARD_PERSON).where(AWARD_PERSON.AWARD_ID.eq(id)).execute();
        sql.deleteFrom(AWARD).where(AWARD.ID.eq(id)).execute();
    }

    /** Newest first. */
    List<Award> all() {
        Map<Long, List<AwardedPerson>> people = PeopleJoined.people(
                        sql.select(AWARD_PERSON.AWARD_ID, PERSON_ID, PERSON_NAME, AWARD_PERSON.HOURS)
                                .from(AWARD_PERSON),
                        AWARD_PERSON.PERSON_ID)
                .orderBy(PERSON_NAME)
                .fetchGroups(
                        AWARD_PERSON.AWARD_ID,
                        row -> new AwardedPerson(row.value2(), row.value3(), new Amount(row.value4())));
        return sql.selectFrom(AWARD)
                .orderBy(AWARD.ON_DATE.desc(), AWARD.ID.desc())
                .fetch(row -> {
                    List<AwardedPerson> got = people.getOrDefault(row.getId(), List.of());
                    return new Award(
                            row.getId(),
                            row.getOnDate(),
                            row.getName(),
                            row.getReason(),
                            row.getAuthor(),
                            Amount.sum(got.stream().map(AwardedPerson::hours).toList()),
                            got);
                });
    }

    /** The awarded hours of some people, by their ids. */
    Map<Long, List<Work>> hours(Collection<Long> people) {
        return sql.select(AWARD_PERSON.PERSON_ID, AWARD.ON_DATE, AWARD_PERSON.HOURS)
                .from(AWARD_PERSON)
                .join(AWARD)
                .on(AWARD.ID.eq(AWARD_PERSON.AWARD_ID))
                .where(among(AWARD_PERSON.PERSON_ID, people))
                .fetchGroups(AWARD_PERSON.PERSON_ID, row -> new Work(row.value2(), KIND, new Amount(row.value3())));
    }

    @Override
    public Set<Thing> things() {
        return Set.of(Thing.AWARD);
    }

    @Override
    public Map<Long, String> names(Thing thing, Collection<Long> ids) {
        return NamesById.of(sql, AWARD.ID, AWARD.NAME, ids);
    }
}
