package upahead.server.facts.hours;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
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

    /** The hours of some people within a span, by the people's ids and the days. */
    @Transactional(readOnly = true)
    public Map<Long, Map<LocalDate, List<RecordedDay>>> of(Collection<Long> people, DateSpan span) {
        return store.of(people, span);
    }

    /**
     * Sets the hours of some days to exactly these, by the people's ids and the days. Whoever calls has looked at them, and
     * says to the trail and to the late changes what they were.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void set(Map<Long, Map<LocalDate, List<Work>>> days, String source) {
        store.set(days, source);
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
