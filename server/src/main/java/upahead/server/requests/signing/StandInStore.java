package upahead.server.requests.signing;

import static upahead.server.database.Tables.STAND_IN;
import static upahead.server.employment.PeopleJoined.PERSON_NAME;
import static upahead.server.employment.PeopleJoined.people;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Who signs in whose place, and when. */
@Repository
class StandInStore {

    private final DSLContext sql;

    StandInStore(DSLContext sql) {
        this.sql = sql;
    }

    long add(
            long personId,
            long standInId,
            String standIn,
            LocalDate first,
            LocalDate last,
            String by,
            LocalDateTime at) {
        return sql.insertInto(STAND_IN)
                .set(STAND_IN.PERSON_ID, personId)
                .set(STAND_IN.STAND_IN_ID, standInId)
                .set(STAND_IN.STAND_IN_NAME, standIn)
                .set(STAND_IN.FIRST_DAY, first)
                .set(STAND_IN.LAST_DAY, last)
                .set(STAND_IN.NAMED_BY, by)
                .set(STAND_IN.NAMED_AT, at)
                .returningResult(STAND_IN.ID)
                .fetchOne(STAND_IN.ID);
    }

    void remove(long id) {
        sql.deleteFrom(STAND_IN).where(STAND_IN.ID.eq(id)).execute();
    }

    Optional<StandIn> find(long id) {
        return where(STAND_IN.ID.eq(id)).stream().findFirst();
    }

    /** Of one person, those whose last day is not before a day, in order of time. */
    List<StandIn> of(long personId, LocalDate from) {
        return where(STAND_IN.PERSON_ID.eq(personId).and(STAND_IN.LAST_DAY.ge(from)));
    }

    /** Those of a day by the person in whose place they sign. */
    Map<Long, StandIn> on(LocalDate day) {
        return where(STAND_IN.FIRST_DAY.le(day).and(STAND_IN.LAST_DAY.ge(day))).stream()
                .collect(Collectors.toMap(StandIn::personId, Function.identity()));
    }

    private List<StandIn> where(Condition condition) {
        return people(sql.select(STAND_IN.asterisk(), PERSON_NAME).from(STAND_IN), STAND_IN.PERSON_ID)
                .where(condition)
                .orderBy(STAND_IN.FIRST_DAY)
                .fetch(row -> new StandIn(
                        row.get(STAND_IN.ID),
                        row.get(STAND_IN.PERSON_ID),
                        row.get(PERSON_NAME),
                        row.get(STAND_IN.STAND_IN_ID),
                        row.get(STAND_IN.STAND_IN_NAME),
                        row.get(STAND_IN.FIRST_DAY),
                        row.get(STAND_IN.LAST_DAY),
                        row.get(STAND_IN.NAMED_BY)));
    }
}
