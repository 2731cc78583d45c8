package upahead.server.cards.days;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.cards.CardDay;
import upahead.core.cards.TypedDay;
import upahead.core.quantity.Amount;
import upahead.server.facts.hours.RecordedDay;
import upahead.server.facts.hours.RecordedHours;

/** The cards of some people as they are stored, read together. */
@Component
public class StoredCards {

    private final CardStore store;
    private final RecordedHours hours;
    private final WorkingLives lives;

    StoredCards(CardStore store, RecordedHours hours, WorkingLives lives) {
        this.store = store;
        this.hours = hours;
        this.lives = lives;
    }

    /** The cards within a span by the people's ids. */
    public Map<Long, StoredCard> of(Collection<Long> people, DateSpan span) {
        Map<Long, Map<LocalDate, TimedDay>> timed = store.of(people, span);
        Map<Long, Map<LocalDate, List<RecordedDay>>> recorded = hours.of(people, span);
        Map<Long, StoredCard> cards = new HashMap<>();
        lives.of(people)
                .forEach((id, life) -> cards.put(
                        id,
                        new StoredCard(
                                id, life, timed.getOrDefault(id, Map.of()), recorded.getOrDefault(id, Map.of()))));
        return cards;
    }

    /**
     * The card of one person.
     *
     * @param timed the days that have times, or had some, by date
     * @param recorded the hours that count, by date
     */
    public record StoredCard(
            long personId,
            WorkingLife life,
            Map<LocalDate, TimedDay> timed,
            Map<LocalDate, List<RecordedDay>> recorded) {

        public CardDay times(LocalDate on) {
            TimedDay day = timed.get(on);
            return day == null ? CardDay.EMPTY : day.times();
        }

        /** The hours of a day by kind. */
        public Map<String, Amount> hours(LocalDate on) {
            Map<String, Amount> hours = new HashMap<>();
            recorded.getOrDefault(on, List.of()).forEach(each -> hours.put(each.kind(), each.hours()));
            return hours;
        }

        /** A day in one line, as it is typed: its times, else its hours; empty where nothing stands. */
        public String line(LocalDate on) {
            CardDay times = times(on);
            return times.stretches().isEmpty() ? TypedDay.line(hours(on)) : TypedDay.line(times, life.zone(on));
        }

        /** What must be mended on a day before its times count. */
        public List<CardRemark> mustBeMended(LocalDate on) {
            return CardChecks.mustBeMended(life, on, times(on), times(on.minusDays(1)));
        }
    }
}
