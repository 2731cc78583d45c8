package upahead.core.hours;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Predicate;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;

/** The hours of one person in order of time. Immutable; the order in which they were given does not matter. */
public final class WorkLog {

    public static final WorkLog EMPTY = new WorkLog(List.of());

    private final List<Work> entries;

    /** @param entries in any order; several of one day and kind add up */
    public WorkLog(Collection<Work> entries) {
        this.entries = entries.stream().sorted(Work.ORDER).toList();
    }

    /** All of them by date, then by kind, then by hours. */
    public List<Work> entries() {
        return entries;
    }

    /** The hours within a span whose kind counts. */
    public Amount hours(DateSpan span, Predicate<String> counts) {
        List<Amount> counted = new ArrayList<>();
        for (int i = firstNotBefore(span.first()); i < entries.size(); i++) {
            Work work = entries.get(i);
            if (work.on().isAfter(span.last())) {
                break;
            }
            if (counts.test(work.kind())) {
                counted.add(work.hours());
            }
        }
        return Amount.sum(counted);
    }

    private int firstNotBefore(LocalDate day) {
        int low = 0;
        int high = entries.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (entries.get(middle).on().isBefore(day)) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
