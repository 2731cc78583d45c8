package upahead.server.cards;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;

/** Which days of time cards are not finished, for the run that they block. */
@Service
public class UnfinishedDays {

    private final FilledCards cards;

    UnfinishedDays(FilledCards cards) {
        this.cards = cards;
    }

    /**
     * The unfinished days of some people within a span, in order of time, by the people's ids; whose card is finished is not
     * among them. Days to come are not looked at for missing hours.
     */
    @Transactional(readOnly = true)
    public Map<Long, List<UnfinishedDay>> of(Collection<Long> people, DateSpan span) {
        Map<Long, List<UnfinishedDay>> unfinished = new HashMap<>();
        cards.of(people, span).forEach((id, card) -> {
            List<UnfinishedDay> days = card.unfinished(span);
            if (!days.isEmpty()) {
                unfinished.put(id, days);
            }
        });
        return unfinished;
    }
}
