package upahead.core.calendar;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Something that changes on dates: on each day the latest entry not after that day counts. Immutable.
 *
 * @param <T> what changes
 */
public final class Timeline<T> {

    /**
     * A stretch of days with one value.
     *
     * @param days the days it holds on
     * @param value never null
     */
    public record Stretch<T>(DateSpan days, T value) {}

    private final NavigableMap<LocalDate, T> entries;

    private Timeline(NavigableMap<LocalDate, T> entries) {
        this.entries = entries;
    }

    public static <T> Timeline<T> empty() {
        return new Timeline<>(new TreeMap<>());
    }

    /** One value from a date on. */
    public static <T> Timeline<T> from(LocalDate from, T value) {
        return Timeline.<T>empty().with(from, value);
    }

    /** This timeline with one more entry; an entry of the same date is replaced. */
    public Timeline<T> with(LocalDate from, T value) {
        TreeMap<LocalDate, T> more = new TreeMap<>(entries);
        more.put(from, value);
        return new Timeline<>(more);
    }

    /** The value in force on a day; nothing before the first entry. */
    public Optional<T> on(LocalDate day) {
        var entry = entries.floorEntry(day);
        return entry == null ? Optional.empty() : Optional.of(entry.getValue());
    }

    /** Whether an entry begins on a day. */
    public boolean startsOn(LocalDate day) {
        return entries.containsKey(day);
    }

    /** The stretches of one value each that lie within a span, in order of time. */
    public List<Stretch<T>> within(DateSpan span) {
        List<Stretch<T>> stretches = new ArrayList<>();
        for (var entry : entries.entrySet()) {
            LocalDate next = entries.higherKey(entry.getKey());
            LocalDate last = next == null ? span.last() : next.minusDays(1);
            DateSpan.between(entry.getKey(), DateSpan.later(last, entry.getKey()))
                    .flatMap(span::intersection)
                    .ifPresent(days -> stretches.add(new Stretch<>(days, entry.getValue())));
        }
        return stretches;
    }
}
