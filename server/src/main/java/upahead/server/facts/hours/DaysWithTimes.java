package upahead.server.facts.hours;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Map;
import java.util.Set;
import upahead.core.calendar.DateSpan;

/** On which days hours follow from the times of a card, told by whoever keeps the cards; these no file of totals changes. */
public interface DaysWithTimes {

    /** The days of some people within a span, by the people's ids. */
    Map<Long, Set<LocalDate>> daysWithTimes(Collection<Long> people, DateSpan span);
}
