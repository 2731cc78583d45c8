package upahead.core.hours;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.function.Supplier;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;

/**
 * The hours of one person in order of time. Immutable; the order in which they were given does not matter. Hours that
 * have to be worked out are so when they are first asked for, and once.
 */
public final class WorkLog {

    public static final WorkLog EMPTY = new WorkLog(List.of());

    private Supplier<Collection<Work>> source;
    private List<Work> entries;

    /** @param entries in any order; several of one day and kind add up */
    public WorkLog(Collection<Work> entries) {
        this.entries = inOrder(entries);
    }

    private WorkLog(Supplier<Collection<Work>> source) {
        this.source = source;
    }

    /**
     * Hours that many a policy never asks for.
     *
     * @param source gives the same hours whenever it is asked, in any order
     */
    public static WorkLog whenAsked(Supplier<Collection<Work>> source) {
        return new WorkLog(Objects.requireNonNull(source, "source"));
    }

    private static List<Work> inOrder(Collection<Work> entries) {
        return entries.stream().sorted(Work.ORDER).toList();
    }

    /** All of them by date, then by kind, then by hours. */
    public synchronized List<Work> entries() {
        if (entries == null) {
            entries = inOrder(source.get());
            source = null;
        }
        return entries;
    }

    /** The hours within a span whose kind counts. */
    public Amount hours(DateSpan span, Predicate<String> counts) {
        List<Work> all = entries();
        List<Amount> counted = new ArrayList<>();
        for (int i = firstNotBefore(all, span.first()); i < all.size(); i++) {
            Work work = all.get(i);
            if (work.on().isAfter(span.last())) {
                break;
            }
            if (counts.test(work.kind())) {
                counted.add(work.hours());
            }
        }
        return Amount.sum(counted);
    }

    private static int firstNotBefore(List<Work> all, LocalDate day) {
        int low = 0;
        int high = all.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (all.get(middle).on().isBefore(day)) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
