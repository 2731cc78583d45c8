package upahead.server.hours;

import static upahead.server.database.Tables.WORK_ENTRY;
import static upahead.server.sql.Among.among;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;

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

    List<RecordedDay> of(long personId, DateSpan days) {
        return sql.selectFrom(WORK_ENTRY)
                .where(WORK_ENTRY.PERSON_ID.eq(personId))
                .and(WORK_ENTRY.ON_DATE.between(days.first(), days.last()))
                .orderBy(WORK_ENTRY.ON_DATE, WORK_ENTRY.KIND)
                .fetch(row ->
                        new RecordedDay(row.getOnDate(), row.getKind(), new Amount(row.getHours()), row.getSource()));
    }

    /** The hours of one kind on one date, 0 where there are none. */
    Amount hours(long personId, LocalDate on, String kind) {
        return of(personId, new DateSpan(on, on)).stream()
                .filter(day -> day.kind().equals(kind))
                .map(RecordedDay::hours)
                .findFirst()
                .orElse(Amount.ZERO);
    }

    Map<Long, Set<LocalDate>> days(Collection<Long> people, DateSpan span) {
        return sql
                .selectDistinct(WORK_ENTRY.PERSON_ID, WORK_ENTRY.ON_DATE)
                .from(WORK_ENTRY)
                .where(WORK_ENTRY.ON_DATE.between(span.first(), span.last()))
                .and(among(WORK_ENTRY.PERSON_ID, people))
                .fetch()
                .intoGroups(WORK_ENTRY.PERSON_ID, WORK_ENTRY.ON_DATE)
                .entrySet()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, each -> new HashSet<>(each.getValue())));
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
