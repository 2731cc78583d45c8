package upahead.server.employment;

import static upahead.server.database.Tables.SCHEDULE_TIMES;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The times of the day in weekly schedules. */
@Repository
class ScheduleTimesStore {

    private final DSLContext sql;

    ScheduleTimesStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(long personId, LocalDate starts, List<DayTimes> times) {
        for (DayTimes day : times) {
            sql.insertInto(SCHEDULE_TIMES)
                    .set(SCHEDULE_TIMES.PERSON_ID, personId)
                    .set(SCHEDULE_TIMES.STARTS, starts)
                    .set(SCHEDULE_TIMES.WEEKDAY, day.weekday().getValue())
                    .set(SCHEDULE_TIMES.BEGINS, day.begins())
                    .set(SCHEDULE_TIMES.ENDS, day.ends())
                    .set(SCHEDULE_TIMES.BREAK_BEGINS, day.breakBegins())
                    .set(SCHEDULE_TIMES.BREAK_ENDS, day.breakEnds())
                    .execute();
        }
    }

    void remove(long personId, LocalDate starts) {
        sql.deleteFrom(SCHEDULE_TIMES)
                .where(SCHEDULE_TIMES.PERSON_ID.eq(personId))
                .and(SCHEDULE_TIMES.STARTS.eq(starts))
                .execute();
    }

    void removeOf(long personId) {
        sql.deleteFrom(SCHEDULE_TIMES)
                .where(SCHEDULE_TIMES.PERSON_ID.eq(personId))
                .execute();
    }

    void move(long personId, LocalDate from, LocalDate to) {
        sql.update(SCHEDULE_TIMES)
                .set(SCHEDULE_TIMES.STARTS, to)
                .where(SCHEDULE_TIMES.PERSON_ID.eq(personId))
                .and(SCHEDULE_TIMES.STARTS.eq(from))
                .execute();
    }

    /** The times of somebody's schedules, by the day on which the schedule starts and in the order of the week. */
    Map<LocalDate, List<DayTimes>> of(long personId) {
        return sql.selectFrom(SCHEDULE_TIMES)
                .where(SCHEDULE_TIMES.PERSON_ID.eq(personId))
                .orderBy(SCHEDULE_TIMES.WEEKDAY)
                .fetchGroups(
                        SCHEDULE_TIMES.STARTS,
                        row -> new DayTimes(
                                DayOfWeek.of(row.get(SCHEDULE_TIMES.WEEKDAY)),
                                row.get(SCHEDULE_TIMES.BEGINS),
                                row.get(SCHEDULE_TIMES.ENDS),
                                row.get(SCHEDULE_TIMES.BREAK_BEGINS),
                                row.get(SCHEDULE_TIMES.BREAK_ENDS)));
    }
}
