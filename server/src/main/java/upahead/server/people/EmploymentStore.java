package upahead.server.people;

import static upahead.server.database.Tables.PERSON;
import static upahead.server.database.Tables.PERSON_FTE;
import static upahead.server.database.Tables.PERSON_PAUSE;
import static upahead.server.database.Tables.PERSON_SCHEDULE;
import static upahead.server.sql.Among.among;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.TableField;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.Timeline;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.quantity.Amount;
import upahead.server.database.tables.records.PersonScheduleRecord;

/** Employments with what changes in them on dates. */
@Repository
class EmploymentStore {

    private static final List<TableField<PersonScheduleRecord, BigDecimal>> WEEK = List.of(
            PERSON_SCHEDULE.MONDAY,
            PERSON_SCHEDULE.TUESDAY,
            PERSON_SCHEDULE.WEDNESDAY,
            PERSON_SCHEDULE.THURSDAY,
            PERSON_SCHEDULE.FRIDAY,
            PERSON_SCHEDULE.SATURDAY,
            PERSON_SCHEDULE.SUNDAY);

    private final DSLContext sql;

    EmploymentStore(DSLContext sql) {
        this.sql = sql;
    }

    void addSchedule(long personId, LocalDate starts, List<Amount> week) {
        var insert = sql.insertInto(PERSON_SCHEDULE)
                .set(PERSON_SCHEDULE.PERSON_ID, personId)
                .set(PERSON_SCHEDULE.STARTS, starts);
        for (int day = 0; day < WEEK.size(); day++) {
            insert.set(WEEK.get(day), week.get(day).value());
        }
        insert.execute();
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

    void addFte(long personId, LocalDate starts, Amount fte) {
        sql.insertInto(PERSON_FTE)
                .set(PERSON_FTE.PERSON_ID, personId)
                .set(PERSON_FTE.STARTS, starts)
                .set(PERSON_FTE.FTE, fte.value())
                .execute();
    }

    Map<Long, Employment> employments(Collection<Long> ids) {
        Map<Long, Timeline<WeeklySchedule>> schedules = new HashMap<>();
        sql.selectFrom(PERSON_SCHEDULE)
                .where(among(PERSON_SCHEDULE.PERSON_ID, ids))
                .forEach(row -> schedules.merge(
                        row.getPersonId(),
                        Timeline.from(row.getStarts(), week(row)),
                        (before, added) -> before.with(row.getStarts(), week(row))));
        Map<Long, Timeline<Amount>> ftes = new HashMap<>();
        sql.selectFrom(PERSON_FTE)
                .where(among(PERSON_FTE.PERSON_ID, ids))
                .forEach(row -> ftes.merge(
                        row.getPersonId(),
                        Timeline.from(row.getStarts(), new Amount(row.getFte())),
                        (before, added) -> before.with(row.getStarts(), new Amount(row.getFte()))));
        Map<Long, List<DateSpan>> pauses = sql.selectFrom(PERSON_PAUSE)
                .where(among(PERSON_PAUSE.PERSON_ID, ids))
                .fetchGroups(PERSON_PAUSE.PERSON_ID, row -> new DateSpan(row.getStarts(), row.getEnds()));
        Map<Long, Employment> employments = new HashMap<>();
        sql.selectFrom(PERSON)
                .where(among(PERSON.ID, ids))
                .forEach(row -> employments.put(
                        row.getId(),
                        new Employment(
                                row.getHired(),
                                Optional.ofNullable(row.getLastDay()),
                                row.getServiceFrom(),
                                ftes.getOrDefault(row.getId(), Timeline.empty()),
                                schedules.getOrDefault(row.getId(), Timeline.empty()),
                                pauses.getOrDefault(row.getId(), List.of()))));
        return employments;
    }

    private static WeeklySchedule week(PersonScheduleRecord row) {
        Map<DayOfWeek, Amount> hours = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            hours.put(day, new Amount(row.get(WEEK.get(day.ordinal()))));
        }
        return new WeeklySchedule(hours);
    }
}
