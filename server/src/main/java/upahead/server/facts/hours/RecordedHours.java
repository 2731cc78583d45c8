package upahead.server.facts.hours;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.hours.Work;

/** The hours that were recorded, for other features. */
@Service
public class RecordedHours {

    private final HoursStore store;

    RecordedHours(HoursStore store) {
        this.store = store;
    }

    /** The days within a span on which some people have hours, 0 included, by the people's ids. */
    @Transactional(readOnly = true)
    public Map<Long, Set<LocalDate>> days(Collection<Long> people, DateSpan span) {
        return store.days(people, span);
    }

    /** All hours of some people, by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, List<Work>> work(Collection<Long> people) {
        return store.work(people);
    }

    /** The hours of some people by kind within some days. */
    @Transactional(readOnly = true)
    public List<HoursTotal> totals(Collection<Long> people, DateSpan span) {
        return store.totals(people, span);
    }
}
