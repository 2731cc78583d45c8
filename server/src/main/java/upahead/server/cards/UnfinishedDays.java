package upahead.server.cards;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.cards.days.ConfirmationStore.Part;

/** Which days of time cards are not finished, for the run that they block. */
@Service
public class UnfinishedDays {

    private final FilledCards cards;
    private final Confirming confirming;

    UnfinishedDays(FilledCards cards, Confirming confirming) {
        this.cards = cards;
        this.confirming = confirming;
    }

    /**
     * What of the cards of some people is in the way of a run.
     *
     * @param unfinished days by the people's ids, in order of time
     * @param unconfirmed who has still to confirm a card that is finished, by the people's ids
     */
    public record InTheWay(Map<Long, List<UnfinishedDay>> unfinished, Map<Long, Set<Part>> unconfirmed) {}

    /**
     * What of the cards of some people is in the way of the run of a period. Days to come are not looked at for missing
     * hours, and nobody has to confirm a card before its period is over.
     */
    @Transactional(readOnly = true)
    public InTheWay of(Collection<Long> people, DateSpan span) {
        Map<Long, List<UnfinishedDay>> unfinished = new HashMap<>();
        Map<Long, FilledCard> filled = cards.of(people, span);
        filled.forEach((id, card) -> {
            List<UnfinishedDay> days = card.unfinished(span);
            if (!days.isEmpty()) {
                unfinished.put(id, days);
            }
        });
        Map<Long, Set<Part>> unconfirmed = confirming.missing(filled, span);
        unconfirmed.keySet().removeAll(unfinished.keySet());
        return new InTheWay(unfinished, unconfirmed);
    }
}
