package upahead.server.cards.days;

import static upahead.server.database.Tables.CARD_CONFIRMATION;
import static upahead.server.platform.sql.Among.among;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;

/** Which cards are confirmed. */
@Repository
public class ConfirmationStore {

    private final DSLContext sql;

    ConfirmationStore(DSLContext sql) {
        this.sql = sql;
    }

    /** Who of the two says it. */
    public enum Part {
        PERSON,
        APPROVER
    }

    /** That somebody's card of a period is right. */
    public record Confirmation(long personId, DateSpan period, Part part, String actor, LocalDateTime at) {}

    public void add(Confirmation confirmation) {
        remove(confirmation.personId(), confirmation.period().first(), confirmation.part());
        sql.insertInto(CARD_CONFIRMATION)
                .set(CARD_CONFIRMATION.PERSON_ID, confirmation.personId())
                .set(CARD_CONFIRMATION.FIRST_DAY, confirmation.period().first())
                .set(CARD_CONFIRMATION.LAST_DAY, confirmation.period().last())
                .set(CARD_CONFIRMATION.PART, confirmation.part().name())
                .set(CARD_CONFIRMATION.ACTOR, confirmation.actor())
                .set(CARD_CONFIRMATION.AT, confirmation.at())
                .execute();
    }

    public void remove(long personId, LocalDate firstDay, Part part) {
        sql.deleteFrom(CARD_CONFIRMATION)
                .where(CARD_CONFIRMATION.PERSON_ID.eq(personId))
                .and(CARD_CONFIRMATION.FIRST_DAY.eq(firstDay))
                .and(CARD_CONFIRMATION.PART.eq(part.name()))
                .execute();
    }

    /** The confirmations of some people for periods that begin within a span. */
    public List<Confirmation> of(Collection<Long> people, DateSpan span) {
        return sql.selectFrom(CARD_CONFIRMATION)
                .where(among(CARD_CONFIRMATION.PERSON_ID, people))
                .and(CARD_CONFIRMATION.FIRST_DAY.between(span.first(), span.last()))
                .fetch(row -> new Confirmation(
                        row.getPersonId(),
                        new DateSpan(row.getFirstDay(), row.getLastDay()),
                        Part.valueOf(row.getPart()),
                        row.getActor(),
                        row.getAt()));
    }

    /** A card of which a day has changed has to be confirmed again. */
    void removeOf(Collection<TimedDay> days) {
        if (!days.isEmpty()) {
            sql.batch(days.stream()
                            .map(day -> sql.deleteFrom(CARD_CONFIRMATION)
                                    .where(CARD_CONFIRMATION.PERSON_ID.eq(day.personId()))
                                    .and(CARD_CONFIRMATION.FIRST_DAY.le(day.on()))
                                    .and(CARD_CONFIRMATION.LAST_DAY.ge(day.on())))
                            .toList())
                    .execute();
        }
    }
}
