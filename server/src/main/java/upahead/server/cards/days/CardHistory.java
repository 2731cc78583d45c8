package upahead.server.cards.days;

import java.util.List;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;

/** What was changed on cards. */
@Component
public class CardHistory {

    private final CardChangeStore store;

    CardHistory(CardChangeStore store) {
        this.store = store;
    }

    /** The changes of somebody's days, newest first. */
    public List<CardChange> of(long personId, DateSpan days) {
        return store.of(personId, days);
    }
}
