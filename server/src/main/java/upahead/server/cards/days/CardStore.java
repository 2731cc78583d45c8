package upahead.server.cards.days;

import static upahead.server.database.Tables.CARD_DAY;
import static upahead.server.database.Tables.CARD_STRETCH;
import static upahead.server.platform.sql.Among.among;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.core.cards.CardDay;
import upahead.core.cards.Stretch;
import upahead.server.database.tables.records.CardDayRecord;
import upahead.server.database.tables.records.CardStretchRecord;
import upahead.server.facts.hours.DaysWithTimes;
import upahead.server.platform.sql.Inserts;
import upahead.server.platform.sql.Rows;

/** The days of time cards and their times. */
@Repository
class CardStore implements DaysWithTimes {

    private record Key(long personId, LocalDate on) {}

    private final DSLContext sql;

    CardStore(DSLContext sql) {
        this.sql = sql;
    }

    /** Stores days in place of what stood on them. */
    void put(Collection<TimedDay> days) {
        if (days.isEmpty()) {
            return;
        }
        sql.batch(days.stream()
                        .map(day -> sql.deleteFrom(CARD_STRETCH)
                                .where(CARD_STRETCH.PERSON_ID.eq(day.personId()))
                                .and(CARD_STRETCH.ON_DATE.eq(day.on())))
                        .toList())
                .execute();
        sql.batch(days.stream()
                        .map(day -> sql.deleteFrom(CARD_DAY)
                                .where(CARD_DAY.PERSON_ID.eq(day.personId()))
                                .and(CARD_DAY.ON_DATE.eq(day.on())))
                        .toList())
                .execute();
        Inserts.all(sql, days.stream().map(CardStore::row).toList());
        Inserts.all(sql, days.stream().flatMap(day -> stretches(day).stream()).toList());
    }

    private static CardDayRecord row(TimedDay day) {
        CardDayRecord row = new CardDayRecord();
        row.setPersonId(day.personId());
        row.setOnDate(day.on());
        row.setSource(day.source());
        row.setByHand(day.byHand());
        row.setChangedBy(day.changedBy());
        row.setChangedAt(day.changedAt());
        return row;
    }

    private static List<CardStretchRecord> stretches(TimedDay day) {
        List<CardStretchRecord> rows = new ArrayList<>();
        for (Stretch stretch : day.times().stretches()) {
            CardStretchRecord row = new CardStretchRecord();
            row.setPersonId(day.personId());
            row.setOnDate(day.on());
            row.setPlace(rows.size());
            row.setWhat(stretch.what().name());
            row.setKind(stretch.kind());
            row.setBeginsAt(stretch.from().map(CardStore::stored).orElse(null));
            row.setEndsAt(stretch.to().map(CardStore::stored).orElse(null));
            rows.add(row);
        }
        return rows;
    }

    /** The days of some people within a span, by the people's ids; a day that was emptied by hand is among them. */
    Map<Long, Map<LocalDate, TimedDay>> of(Collection<Long> people, DateSpan span) {
        Map<Key, List<Stretch>> stretches = new HashMap<>();
        Rows.each(
                sql.select(
                                CARD_STRETCH.PERSON_ID,
                                CARD_STRETCH.ON_DATE,
                                CARD_STRETCH.WHAT,
                                CARD_STRETCH.KIND,
                                CARD_STRETCH.BEGINS_AT,
                                CARD_STRETCH.ENDS_AT)
                        .from(CARD_STRETCH)
                        .where(CARD_STRETCH.ON_DATE.between(span.first(), span.last()))
                        .and(among(CARD_STRETCH.PERSON_ID, people)),
                row -> stretches
                        .computeIfAbsent(
                                new Key(row.getLong(1), row.getObject(2, LocalDate.class)), key -> new ArrayList<>())
                        .add(new Stretch(
                                Stretch.What.valueOf(row.getString(3)),
                                row.getString(4),
                                moment(row.getObject(5, LocalDateTime.class)),
                                moment(row.getObject(6, LocalDateTime.class)))));
        Map<Long, Map<LocalDate, TimedDay>> days = new HashMap<>();
        sql.selectFrom(CARD_DAY)
                .where(CARD_DAY.ON_DATE.between(span.first(), span.last()))
                .and(among(CARD_DAY.PERSON_ID, people))
                .forEach(row -> days.computeIfAbsent(row.getPersonId(), person -> new TreeMap<>())
                        .put(
                                row.getOnDate(),
                                new TimedDay(
                                        row.getPersonId(),
                                        row.getOnDate(),
                                        new CardDay(stretches.getOrDefault(
                                                new Key(row.getPersonId(), row.getOnDate()), List.of())),
                                        row.getSource(),
                                        row.getByHand(),
                                        row.getChangedBy(),
                                        row.getChangedAt())));
        return days;
    }

    @Override
    public Map<Long, Set<LocalDate>> daysWithTimes(Collection<Long> people, DateSpan span) {
        Map<Long, Set<LocalDate>> days = new HashMap<>();
        sql.selectDistinct(CARD_STRETCH.PERSON_ID, CARD_STRETCH.ON_DATE)
                .from(CARD_STRETCH)
                .where(CARD_STRETCH.ON_DATE.between(span.first(), span.last()))
                .and(among(CARD_STRETCH.PERSON_ID, people))
                .forEach(row -> days.computeIfAbsent(row.value1(), person -> new HashSet<>())
                        .add(row.value2()));
        return days;
    }

    private static LocalDateTime stored(Instant moment) {
        return LocalDateTime.ofInstant(moment, ZoneOffset.UTC);
    }

    private static Optional<Instant> moment(LocalDateTime stored) {
        return Optional.ofNullable(stored).map(time -> time.toInstant(ZoneOffset.UTC));
    }
}
