package upahead.server.cards.days;

import static upahead.server.database.Tables.CARD_ACCEPTANCE;
import static upahead.server.platform.sql.Among.among;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;

/** What of a day is right although it looks wrong, and who says so. */
@Repository
public class AcceptanceStore {

    private final DSLContext sql;

    AcceptanceStore(DSLContext sql) {
        this.sql = sql;
    }

    /** That a remark about a day was accepted. */
    public record Acceptance(
            long personId, LocalDate on, CardRemark.Kind what, String note, String actor, LocalDateTime at) {}

    public void add(Acceptance acceptance) {
        sql.deleteFrom(CARD_ACCEPTANCE)
                .where(CARD_ACCEPTANCE.PERSON_ID.eq(acceptance.personId()))
                .and(CARD_ACCEPTANCE.ON_DATE.eq(acceptance.on()))
                .and(CARD_ACCEPTANCE.WHAT.eq(acceptance.what().name()))
                .execute();
        sql.insertInto(CARD_ACCEPTANCE)
                .set(CARD_ACCEPTANCE.PERSON_ID, acceptance.personId())
                .set(CARD_ACCEPTANCE.ON_DATE, acceptance.on())
                .set(CARD_ACCEPTANCE.WHAT, acceptance.what().name())
                .set(CARD_ACCEPTANCE.NOTE, acceptance.note())
                .set(CARD_ACCEPTANCE.ACTOR, acceptance.actor())
                .set(CARD_ACCEPTANCE.AT, acceptance.at())
                .execute();
    }

    public List<Acceptance> of(Collection<Long> people, DateSpan span) {
        return sql.selectFrom(CARD_ACCEPTANCE)
                .where(among(CARD_ACCEPTANCE.PERSON_ID, people))
                .and(CARD_ACCEPTANCE.ON_DATE.between(span.first(), span.last()))
                .fetch(row -> new Acceptance(
                        row.getPersonId(),
                        row.getOnDate(),
                        CardRemark.Kind.valueOf(row.getWhat()),
                        row.getNote(),
                        row.getActor(),
                        row.getAt()));
    }

    /** Of a day that has changed, it has to be said again. */
    void removeOf(Collection<TimedDay> days) {
        if (!days.isEmpty()) {
            sql.batch(days.stream()
                            .map(day -> sql.deleteFrom(CARD_ACCEPTANCE)
                                    .where(CARD_ACCEPTANCE.PERSON_ID.eq(day.personId()))
                                    .and(CARD_ACCEPTANCE.ON_DATE.eq(day.on())))
                            .toList())
                    .execute();
        }
    }
}
