package upahead.server.cards.days;

import static upahead.server.database.Tables.CARD_CHANGE;

import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.server.database.tables.records.CardChangeRecord;
import upahead.server.platform.sql.Inserts;

/** Who changed which day of a card, when, and what it was before. Lines are only ever added. */
@Repository
class CardChangeStore {

    private static final int LONGEST_LINE = 1000;

    private final DSLContext sql;

    CardChangeStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(Map<Long, List<CardChange>> changes) {
        Inserts.all(
                sql,
                changes.entrySet().stream()
                        .flatMap(person -> person.getValue().stream().map(change -> row(person.getKey(), change)))
                        .toList());
    }

    private static CardChangeRecord row(long personId, CardChange change) {
        CardChangeRecord row = new CardChangeRecord();
        row.setPersonId(personId);
        row.setOnDate(change.on());
        row.setAt(change.at());
        row.setActor(change.actor());
        row.setSource(change.source());
        row.setLineBefore(cut(change.before()));
        row.setLineAfter(cut(change.after()));
        row.setReason(change.reason());
        return row;
    }

    private static String cut(String line) {
        return line.length() > LONGEST_LINE ? line.substring(0, LONGEST_LINE) : line;
    }

    /** The changes of somebody's days, newest first. */
    List<CardChange> of(long personId, DateSpan days) {
        return sql.selectFrom(CARD_CHANGE)
                .where(CARD_CHANGE.PERSON_ID.eq(personId))
                .and(CARD_CHANGE.ON_DATE.between(days.first(), days.last()))
                .orderBy(CARD_CHANGE.ID.desc())
                .fetch(row -> new CardChange(
                        row.getOnDate(),
                        row.getAt(),
                        row.getActor(),
                        row.getSource(),
                        row.getLineBefore(),
                        row.getLineAfter(),
                        row.getReason()));
    }
}
