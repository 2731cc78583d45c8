package upahead.server.employment;

import static upahead.server.database.Tables.PERSON;
import static upahead.server.database.Tables.PERSON_PLACEMENT;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.PersonRecord;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.audit.ThingNames;
import upahead.server.platform.sql.AnyCase;
import upahead.server.platform.sql.Inserts;
import upahead.server.platform.sql.NamesById;

/** People as they are kept: added, changed, removed. */
@Repository
class PersonStore implements ThingNames {

    private final DSLContext sql;

    PersonStore(DSLContext sql) {
        this.sql = sql;
    }

    void lock(long personId) {
        sql.select(PERSON.ID)
                .from(PERSON)
                .where(PERSON.ID.eq(personId))
                .forUpdate()
                .fetch();
    }

    void add(Collection<NewPerson> people) {
        Inserts.all(
                sql,
                people.stream()
                        .map(person -> {
                            PersonRecord row = sql.newRecord(PERSON);
                            row.setCode(person.code());
                            row.setName(person.name());
                            row.setEmail(person.email());
                            row.setHired(person.hired());
                            row.setLastDay(person.lastDay());
                            row.setServiceFrom(person.serviceFrom());
                            row.setClockCode(person.clockCode());
                            return row;
                        })
                        .toList());
    }

    /** Moves the hire date, and the service date where it was the same. */
    void moveHireDate(long personId, LocalDate from, LocalDate to) {
        sql.update(PERSON).set(PERSON.HIRED, to).where(PERSON.ID.eq(personId)).execute();
        sql.update(PERSON)
                .set(PERSON.SERVICE_FROM, to)
                .where(PERSON.ID.eq(personId))
                .and(PERSON.SERVICE_FROM.eq(from))
                .execute();
    }

    void change(long personId, PersonDetails details) {
        sql.update(PERSON)
                .set(PERSON.CODE, details.code())
                .set(PERSON.NAME, details.name())
                .set(PERSON.EMAIL, details.email())
                .set(PERSON.SERVICE_FROM, details.serviceFrom())
                .set(PERSON.CLOCK_CODE, details.clockCode())
                .where(PERSON.ID.eq(personId))
                .execute();
    }

    void setLastDay(long personId, LocalDate lastDay) {
        sql.update(PERSON)
                .set(PERSON.LAST_DAY, lastDay)
                .where(PERSON.ID.eq(personId))
                .execute();
    }

    void setNameless(long personId, LocalDate since) {
        sql.update(PERSON)
                .set(PERSON.NAMELESS_SINCE, since)
                .where(PERSON.ID.eq(personId))
                .execute();
    }

    void remove(long personId) {
        sql.deleteFrom(PERSON_PLACEMENT)
                .where(PERSON_PLACEMENT.PERSON_ID.eq(personId))
                .execute();
        sql.deleteFrom(PERSON).where(PERSON.ID.eq(personId)).execute();
    }

    void setEarlier(long personId, long earlierId) {
        sql.update(PERSON)
                .set(PERSON.EARLIER_ID, earlierId)
                .where(PERSON.ID.eq(personId))
                .execute();
    }

    /** The employment that followed an earlier one of the same human being. */
    Optional<Long> later(long earlierId) {
        return sql.select(PERSON.ID)
                .from(PERSON)
                .where(PERSON.EARLIER_ID.eq(earlierId))
                .fetchOptional(PERSON.ID);
    }

    /** The ids of all people by their codes, in capitals. */
    Map<String, Long> idsByCode() {
        return sql.select(PERSON.CODE, PERSON.ID)
                .from(PERSON)
                .fetchMap(row -> row.value1().toUpperCase(Locale.ROOT), row -> row.value2());
    }

    boolean codeIsTaken(String code, long exceptPersonId) {
        return sql.fetchExists(PERSON, AnyCase.same(PERSON.CODE, code).and(PERSON.ID.ne(exceptPersonId)));
    }

    /** Whose clock code it is. */
    Optional<Long> byClockCode(String clockCode) {
        return sql.select(PERSON.ID)
                .from(PERSON)
                .where(PERSON.CLOCK_CODE.eq(clockCode))
                .fetchOptional(PERSON.ID);
    }

    boolean clockCodeIsTaken(String clockCode, long exceptPersonId) {
        return sql.fetchExists(PERSON, PERSON.CLOCK_CODE.eq(clockCode).and(PERSON.ID.ne(exceptPersonId)));
    }

    @Override
    public Set<Thing> things() {
        return Set.of(Thing.PERSON);
    }

    @Override
    public Map<Long, String> names(Thing thing, Collection<Long> ids) {
        return NamesById.of(sql, PERSON.ID, PERSON.NAME, ids);
    }
}
