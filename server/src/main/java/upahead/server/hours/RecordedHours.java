package upahead.server.hours;

import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;

/** The hours that were recorded, for other features. */
@Service
public class RecordedHours {

    private final HoursStore store;

    RecordedHours(HoursStore store) {
        this.store = store;
    }

    /** Who has hours within some days. */
    @Transactional(readOnly = true)
    public Set<Long> peopleWithHours(DateSpan span) {
        return store.peopleWithHours(span);
    }

    /** Everybody's hours by kind within some days. */
    @Transactional(readOnly = true)
    public List<HoursTotal> totals(DateSpan span) {
        return store.totals(span);
    }
}
