package upahead.server.hours;

import java.util.Collection;
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

    /** The hours of some people by kind within some days. */
    @Transactional(readOnly = true)
    public List<HoursTotal> totals(Collection<Long> people, DateSpan span) {
        return store.totals(people, span);
    }
}
