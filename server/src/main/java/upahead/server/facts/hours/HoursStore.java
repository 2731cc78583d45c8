package upahead.server.facts.hours;

import static upahead.server.database.Tables.WORK_ENTRY;
import static upahead.server.platform.sql.Among.among;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.core.hours.Work;
import upahead.core.quantity.Amount;
import upahead.server.platform.sql.Rows;

/** Recorded hours, one figure a person, date and kind. */
@Repository
class HoursStore {

    private final DSLContext sql;

    HoursStore(DSLContext sql) {
        this.sql = sql;
    }

    /** Stores hours; where there were some for the same person, date and kind, the new ones take their place. */
    void put(Collection<HoursRow> rows, String source) {
        sql.batch(rows.stream()
                        .map(row -> sql.insertInto(WORK_ENTRY)
                                .set(WORK_ENTRY.PERSON_ID, row.personId())
                                .set(WORK_ENTRY.ON_DATE, row.on())
                                .set(WORK_ENTRY.KIND, row.kind())
                                .set(WORK_ENTRY.HOURS, row.hours().value())
                                .set(WORK_ENTRY.SOURCE, source)
                                .onConflict(WORK_ENTRY.PERSON_ID, WORK_ENTRY.ON_DATE, WORK_ENTRY.KIND)
                                .doUpdate()
                                .set(WORK_ENTRY.HOURS, row.hours().value())
                                .set(WORK_ENTRY.SOURCE, source))
                        .toList())
                .execute();
    }

    /** Sets the hours of some days to exactly these; of a day without any, nothing is left. */
    void set(Map<Long, Map<LocalDate, List<Work>>> days, String source) {
        sql.batch(days.entrySet().stream()
                        .flatMap(person -> person.getValue().keySet().stream().map(on -> sql.deleteFrom(WORK_ENTRY)
                                .where(WORK_ENTRY.PERSON_ID.eq(person.getKey()))
                                .and(WORK_ENTRY.ON_DATE.eq(on))))
                        .toList())
                .execute();
        put(
                days.entrySet().stream()
                        .flatMap(person -> person.getValue().values().stream()
                                .flatMap(List::stream)
                                .map(work -> new HoursRow(person.getKey(), work.on(), work.kind(), work.hours())))
                        .toList(),
                source);
    }

    /** The hours of some people within some days, by the people's ids and the days. */
    Map<Long, Map<LocalDate, List<RecordedDay>>> of(Collection<Long> people, DateSpan span) {
        Map<Long, Map<LocalDate, List<RecordedDay>>> days = new HashMap<>();
        Rows.each(
                sql.select(
                                WORK_ENTRY.PERSON_ID,
                                WORK_ENTRY.ON_DATE,
                                WORK_ENTRY.KIND,
                                WORK_ENTRY.HOURS,
                                WORK_ENTRY.SOURCE)
                        .from(WORK_ENTRY)
                        .where(WORK_ENTRY.ON_DATE.between(span.first(), span.last()))
                        .and(among(WORK_ENTRY.PERSON_ID, people)),
                row -> days.computeIfAbsent(row.getLong(1), unused -> new TreeMap<>())
                        .computeIfAbsent(row.getObject(2, LocalDate.class), unused -> new ArrayList<>())
                        .add(new RecordedDay(
                                row.getObject(2, LocalDate.class),
                                row.getString(3),
                                new Amount(row.getBigDecimal(4)),
                                row.getString(5))));
        return days;
    }

    List<RecordedDay> of(long personId, DateSpan days) {
        return sql.selectFrom(WORK_ENTRY)
                .where(WORK_ENTRY.PERSON_ID.eq(personId))
                .and(WORK_ENTRY.ON_DATE.between(days.first(), days.last()))
                .orderBy(WORK_ENTRY.ON_DATE, WORK_ENTRY.KIND)
                .fetch(row ->
                        new RecordedDay(row.getOnDate(), row.getKind(), new Amount(row.getHours()), row.getSource()));
    }

    Map<Long, Set<LocalDate>> days(Collection<Long> people, DateSpan span) {
        Map<Long, Set<LocalDate>> days = new HashMap<>();
        Rows.each(
                sql.select(WORK_ENTRY.PERSON_ID, WORK_ENTRY.ON_DATE)
                        .from(WORK_ENTRY)
                        .where(WORK_ENTRY.ON_DATE.between(span.first(), span.last()))
                        .and(among(WORK_ENTRY.PERSON_ID, people)),
                row -> days.computeIfAbsent(row.getLong(1), unused -> new HashSet<>())
                        .add(row.getObject(2, LocalDate.class)));
        return days;
    }

    /** All hours of some people, by their ids. */
    Map<Long, List<Work>> work(Collection<Long> people) {
        Map<Long, List<Work>> work = new HashMap<>();
        Map<String, String> kinds = new HashMap<>();
        Rows.each(
                sql.select(WORK_ENTRY.PERSON_ID, WORK_ENTRY.ON_DATE, WORK_ENTRY.KIND, WORK_ENTRY.HOURS)
                        .from(WORK_ENTRY)
                        .where(among(WORK_ENTRY.PERSON_ID, people)),
                row -> work.computeIfAbsent(row.getLong(1), unused -> new ArrayList<>())
                        .add(new Work(
                                row.getObject(2, LocalDate.class),
                                kinds.computeIfAbsent(row.getString(3), kind -> kind),
                                new Amount(row.getBigDecimal(4)))));
        return work;
    }

    List<HoursTotal> totals(Collection<Long> people, DateSpan span) {
        return sql.select(WORK_ENTRY.PERSON_ID, WORK_ENTRY.KIND, DSL.sum(WORK_ENTRY.HOURS))
                .from(WORK_ENTRY)
                .where(WORK_ENTRY.ON_DATE.between(span.first(), span.last()))
                .and(among(WORK_ENTRY.PERSON_ID, people))
                .groupBy(WORK_ENTRY.PERSON_ID, WORK_ENTRY.KIND)
                .fetch(row -> new HoursTotal(row.value1(), row.value2(), new Amount(row.value3())));
    }
}
