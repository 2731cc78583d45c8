package upahead.server.employment;

import static upahead.server.database.Tables.PERSON_FTE;
import static upahead.server.database.Tables.PERSON_PAUSE;
import static upahead.server.database.Tables.PERSON_SCHEDULE;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.TableField;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.database.tables.records.PersonFteRecord;
import upahead.server.database.tables.records.PersonScheduleRecord;
import upahead.server.employment.EmploymentHistory.FteFrom;
import upahead.server.employment.EmploymentHistory.Pause;
import upahead.server.employment.EmploymentHistory.ScheduleFrom;
import upahead.server.platform.sql.Inserts;

/** What changes in an employment on dates. */
@Repository
class EmploymentStore {

    /** The hours of the weekdays, from Monday to Sunday. */
    static final List<TableField<PersonScheduleRecord, BigDecimal>> WEEK = List.of(
            PERSON_SCHEDULE.MONDAY,
            PERSON_SCHEDULE.TUESDAY,
            PERSON_SCHEDULE.WEDNESDAY,
            PERSON_SCHEDULE.THURSDAY,
            PERSON_SCHEDULE.FRIDAY,
            PERSON_SCHEDULE.SATURDAY,
            PERSON_SCHEDULE.SUNDAY);

    private final DSLContext sql;
    private final ScheduleTimesStore times;

    EmploymentStore(DSLContext sql, ScheduleTimesStore times) {
        this.sql = sql;
        this.times = times;
    }

    /** Sets the schedule from a day on, in place of one that begins on the same day. */
    void setSchedule(long personId, ScheduleFrom schedule) {
        removeSchedule(personId, schedule.from());
        addSchedules(Map.of(personId, schedule));
    }

    void removeSchedule(long personId, LocalDate starts) {
        sql.deleteFrom(PERSON_SCHEDULE)
                .where(PERSON_SCHEDULE.PERSON_ID.eq(personId))
                .and(PERSON_SCHEDULE.STARTS.eq(starts))
                .execute();
        times.remove(personId, starts);
    }

    /** Adds the schedules of new people by their ids. */
    void addSchedules(Map<Long, ScheduleFrom> schedules) {
        Inserts.all(
                sql,
                schedules.entrySet().stream()
                        .map(each -> {
                            PersonScheduleRecord row = sql.newRecord(PERSON_SCHEDULE);
                            row.setPersonId(each.getKey());
                            row.setStarts(each.getValue().from());
                            for (int day = 0; day < WEEK.size(); day++) {
                                row.set(
                                        WEEK.get(day),
                                        each.getValue().week().get(day).value());
                            }
                            return row;
                        })
                        .toList());
        schedules.forEach((person, schedule) -> times.add(person, schedule.from(), schedule.times()));
    }

    /** Whether a schedule or full-time equivalent begins after one day and not after another. */
    boolean beginsBetween(long personId, LocalDate after, LocalDate through) {
        return sql.fetchExists(sql.selectFrom(PERSON_SCHEDULE)
                        .where(PERSON_SCHEDULE.PERSON_ID.eq(personId))
                        .and(PERSON_SCHEDULE.STARTS.gt(after))
                        .and(PERSON_SCHEDULE.STARTS.le(through)))
                || sql.fetchExists(sql.selectFrom(PERSON_FTE)
                        .where(PERSON_FTE.PERSON_ID.eq(personId))
                        .and(PERSON_FTE.STARTS.gt(after))
                        .and(PERSON_FTE.STARTS.le(through)));
    }

    /** Lets the schedule and full-time equivalent that begin on one day begin on another. */
    void moveBeginning(long personId, LocalDate from, LocalDate to) {
        sql.update(PERSON_SCHEDULE)
                .set(PERSON_SCHEDULE.STARTS, to)
                .where(PERSON_SCHEDULE.PERSON_ID.eq(personId))
                .and(PERSON_SCHEDULE.STARTS.eq(from))
                .execute();
        times.move(personId, from, to);
        sql.update(PERSON_FTE)
                .set(PERSON_FTE.STARTS, to)
                .where(PERSON_FTE.PERSON_ID.eq(personId))
                .and(PERSON_FTE.STARTS.eq(from))
                .execute();
    }

    void addPause(long personId, DateSpan days, String reason) {
        sql.insertInto(PERSON_PAUSE)
                .set(PERSON_PAUSE.PERSON_ID, personId)
                .set(PERSON_PAUSE.STARTS, days.first())
                .set(PERSON_PAUSE.ENDS, days.last())
                .set(PERSON_PAUSE.REASON, reason)
                .execute();
    }

    void removePause(long personId, LocalDate starts) {
        sql.deleteFrom(PERSON_PAUSE)
                .where(PERSON_PAUSE.PERSON_ID.eq(personId))
                .and(PERSON_PAUSE.STARTS.eq(starts))
                .execute();
    }

    /** Sets the full-time equivalent from a day on, in place of one that begins on the same day. */
    void setFte(long personId, LocalDate starts, Amount fte) {
        removeFte(personId, starts);
        addFtes(Map.of(personId, new FteFrom(starts, fte)));
    }

    void removeFte(long personId, LocalDate starts) {
        sql.deleteFrom(PERSON_FTE)
                .where(PERSON_FTE.PERSON_ID.eq(personId))
                .and(PERSON_FTE.STARTS.eq(starts))
                .execute();
    }

    /** Adds the full-time equivalents of new people by their ids. */
    void addFtes(Map<Long, FteFrom> ftes) {
        Inserts.all(
                sql,
                ftes.entrySet().stream()
                        .map(each -> {
                            PersonFteRecord row = sql.newRecord(PERSON_FTE);
                            row.setPersonId(each.getKey());
                            row.setStarts(each.getValue().from());
                            row.setFte(each.getValue().fte().value());
                            return row;
                        })
                        .toList());
    }

    List<FteFrom> ftes(long personId) {
        return sql.selectFrom(PERSON_FTE)
                .where(PERSON_FTE.PERSON_ID.eq(personId))
                .orderBy(PERSON_FTE.STARTS)
                .fetch(row -> new FteFrom(row.getStarts(), new Amount(row.getFte())));
    }

    List<ScheduleFrom> schedules(long personId) {
        Map<LocalDate, List<DayTimes>> said = times.of(personId);
        return sql.selectFrom(PERSON_SCHEDULE)
                .where(PERSON_SCHEDULE.PERSON_ID.eq(personId))
                .orderBy(PERSON_SCHEDULE.STARTS)
                .fetch(row -> new ScheduleFrom(
                        row.getStarts(),
                        WEEK.stream().map(day -> new Amount(row.get(day))).toList(),
                        said.getOrDefault(row.getStarts(), List.of())));
    }

    List<Pause> pauses(long personId) {
        return sql.selectFrom(PERSON_PAUSE)
                .where(PERSON_PAUSE.PERSON_ID.eq(personId))
                .orderBy(PERSON_PAUSE.STARTS)
                .fetch(row -> new Pause(row.getStarts(), row.getEnds(), row.getReason()));
    }

    void removeOf(long personId) {
        times.removeOf(personId);
        sql.deleteFrom(PERSON_SCHEDULE)
                .where(PERSON_SCHEDULE.PERSON_ID.eq(personId))
                .execute();
        sql.deleteFrom(PERSON_FTE).where(PERSON_FTE.PERSON_ID.eq(personId)).execute();
        sql.deleteFrom(PERSON_PAUSE).where(PERSON_PAUSE.PERSON_ID.eq(personId)).execute();
    }
}
