package upahead.server.employment;

import static upahead.server.database.Tables.PERSON;
import static upahead.server.database.Tables.PERSON_FTE;
import static upahead.server.database.Tables.PERSON_PAUSE;
import static upahead.server.database.Tables.PERSON_SCHEDULE;
import static upahead.server.platform.sql.Among.among;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.Timeline;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.quantity.Amount;
import upahead.server.platform.sql.Rows;

/** Reads the employments of many people at once; the same week is one value for all who work it. */
@Repository
class EmploymentsOfManyStore {

    private final DSLContext sql;

    EmploymentsOfManyStore(DSLContext sql) {
        this.sql = sql;
    }

    Map<Long, Employment> of(Collection<Long> people) {
        Map<Long, Timeline<WeeklySchedule>> schedules = schedules(people);
        Map<Long, Timeline<Amount>> ftes = ftes(people);
        Map<Long, List<DateSpan>> pauses = pauses(people);
        Map<Long, Employment> employments = new HashMap<>();
        Rows.each(
                sql.select(PERSON.ID, PERSON.HIRED, PERSON.LAST_DAY, PERSON.SERVICE_FROM)
                        .from(PERSON)
                        .where(among(PERSON.ID, people)),
                row -> employments.put(
                        row.getLong(1),
                        new Employment(
                                day(row, 2),
                                Optional.ofNullable(day(row, 3)),
                                day(row, 4),
                                ftes.getOrDefault(row.getLong(1), Timeline.empty()),
                                schedules.getOrDefault(row.getLong(1), Timeline.empty()),
                                pauses.getOrDefault(row.getLong(1), List.of()))));
        return employments;
    }

    private Map<Long, Timeline<WeeklySchedule>> schedules(Collection<Long> people) {
        Map<List<BigDecimal>, WeeklySchedule> weeks = new HashMap<>();
        Map<Long, Timeline<WeeklySchedule>> schedules = new HashMap<>();
        Rows.each(
                sql.select(
                                PERSON_SCHEDULE.PERSON_ID,
                                PERSON_SCHEDULE.STARTS,
                                PERSON_SCHEDULE.MONDAY,
                                PERSON_SCHEDULE.TUESDAY,
                                PERSON_SCHEDULE.WEDNESDAY,
                                PERSON_SCHEDULE.THURSDAY,
                                PERSON_SCHEDULE.FRIDAY,
                                PERSON_SCHEDULE.SATURDAY,
                                PERSON_SCHEDULE.SUNDAY)
                        .from(PERSON_SCHEDULE)
                        .where(among(PERSON_SCHEDULE.PERSON_ID, people)),
                row -> add(
                        schedules,
                        row.getLong(1),
                        day(row, 2),
                        weeks.computeIfAbsent(hours(row), EmploymentsOfManyStore::week)));
        return schedules;
    }

    private static List<BigDecimal> hours(ResultSet row) throws SQLException {
        List<BigDecimal> hours = new ArrayList<>(DayOfWeek.values().length);
        for (DayOfWeek day : DayOfWeek.values()) {
            hours.add(row.getBigDecimal(2 + day.getValue()));
        }
        return hours;
    }

    private static WeeklySchedule week(List<BigDecimal> hours) {
        Map<DayOfWeek, Amount> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(day, new Amount(hours.get(day.ordinal())));
        }
        return new WeeklySchedule(week);
    }

    private Map<Long, Timeline<Amount>> ftes(Collection<Long> people) {
        Map<Long, Timeline<Amount>> ftes = new HashMap<>();
        Rows.each(
                sql.select(PERSON_FTE.PERSON_ID, PERSON_FTE.STARTS, PERSON_FTE.FTE)
                        .from(PERSON_FTE)
                        .where(among(PERSON_FTE.PERSON_ID, people)),
                row -> add(ftes, row.getLong(1), day(row, 2), new Amount(row.getBigDecimal(3))));
        return ftes;
    }

    private Map<Long, List<DateSpan>> pauses(Collection<Long> people) {
        Map<Long, List<DateSpan>> pauses = new HashMap<>();
        Rows.each(
                sql.select(PERSON_PAUSE.PERSON_ID, PERSON_PAUSE.STARTS, PERSON_PAUSE.ENDS)
                        .from(PERSON_PAUSE)
                        .where(among(PERSON_PAUSE.PERSON_ID, people)),
                row -> pauses.computeIfAbsent(row.getLong(1), unused -> new ArrayList<>())
                        .add(new DateSpan(day(row, 2), day(row, 3))));
        return pauses;
    }

    private static LocalDate day(ResultSet row, int column) throws SQLException {
        return row.getObject(column, LocalDate.class);
    }

    private static <T> void add(Map<Long, Timeline<T>> all, long person, LocalDate from, T value) {
        Timeline<T> before = all.get(person);
        all.put(person, before == null ? Timeline.from(from, value) : before.with(from, value));
    }
}
