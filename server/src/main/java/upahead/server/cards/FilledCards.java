package upahead.server.cards;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.server.cards.days.AcceptanceStore;
import upahead.server.cards.days.AcceptanceStore.Acceptance;
import upahead.server.cards.days.CardRemark;
import upahead.server.cards.days.StoredCards;
import upahead.server.platform.clock.MovableClock;
import upahead.server.requests.LeaveOnCards;
import upahead.server.requests.leave.LeaveOnDay;

/** Reads the cards of some people with the leave on them. */
@Component
public class FilledCards {

    private final StoredCards cards;
    private final LeaveOnCards leave;
    private final AcceptanceStore acceptances;
    private final MovableClock clock;

    FilledCards(StoredCards cards, LeaveOnCards leave, AcceptanceStore acceptances, MovableClock clock) {
        this.cards = cards;
        this.leave = leave;
        this.acceptances = acceptances;
        this.clock = clock;
    }

    /** The cards within a span by the people's ids. */
    public Map<Long, FilledCard> of(Collection<Long> people, DateSpan span) {
        DateSpan withDayBefore = new DateSpan(span.first().minusDays(1), span.last());
        Map<Long, List<LeaveOnDay>> leaves = leave.of(people, span);
        Map<Long, Map<LocalDate, Map<CardRemark.Kind, Acceptance>>> accepted = new HashMap<>();
        acceptances.of(people, span).forEach(each -> accepted.computeIfAbsent(
                        each.personId(), person -> new HashMap<>())
                .computeIfAbsent(each.on(), day -> new HashMap<>())
                .put(each.what(), each));
        Map<Long, FilledCard> filled = new HashMap<>();
        cards.of(people, withDayBefore)
                .forEach((id, card) -> filled.put(
                        id,
                        new FilledCard(
                                card,
                                leaves.getOrDefault(id, List.of()),
                                accepted.getOrDefault(id, Map.of()),
                                clock.today())));
        return filled;
    }
}
