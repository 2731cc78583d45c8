package upahead.core.calendar;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

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

    /** Nothing on any day. */
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

    /** The first day on which another timeline has another value; {@link LocalDate#MAX} where there is none. */
    public LocalDate sameBefore(Timeline<T> other) {
        TreeSet<LocalDate> dates = new TreeSet<>(entries.keySet());
        dates.addAll(other.entries.keySet());
        return dates.stream()
                .filter(day -> !on(day).equals(other.on(day)))
                .findFirst()
                .orElse(LocalDate.MAX);
    }

    /**
     * What holds from a date on.
     *
     * @param value never null
     */
    public record Entry<T>(LocalDate from, T value) {}

    /** All entries in order of time. */
    public List<Entry<T>> entries() {
        return entries.entrySet().stream()
                .map(entry -> new Entry<>(entry.getKey(), entry.getValue()))
                .toList();
    }

    /**
     * This timeline with every value changed on some days only.
     *
     * @param to the last of these days, or nothing where they have no end
     */
    public Timeline<T> changed(LocalDate from, Optional<LocalDate> to, UnaryOperator<T> change) {
        TreeMap<LocalDate, T> other = new TreeMap<>(entries);
        to.map(last -> last.plusDays(1)).ifPresent(after -> on(after).ifPresent(value -> other.put(after, value)));
        on(from).ifPresent(value -> other.put(from, value));
        NavigableMap<LocalDate, T> changed =
                to.map(last -> other.subMap(from, true, last, true)).orElseGet(() -> other.tailMap(from, true));
        changed.replaceAll((day, value) -> change.apply(value));
        return new Timeline<>(other);
    }

    /** Whether an entry begins on a day. */
    public boolean startsOn(LocalDate day) {
        return entries.containsKey(day);
    }

    /** The stretches of one value each that lie within a span, in order of time. */
    public List<Stretch<T>> within(DateSpan span) {
        List<Stretch<T>> stretches = new ArrayList<>();
        LocalDate before = entries.floorKey(span.first());
        var entry = entries.ceilingEntry(before == null ? span.first() : before);
        while (entry != null && !entry.getKey().isAfter(span.last())) {
            var next = entries.higherEntry(entry.getKey());
            LocalDate last =
                    next == null ? span.last() : DateSpan.earlier(next.getKey().minusDays(1), span.last());
            DateSpan days = new DateSpan(DateSpan.later(entry.getKey(), span.first()), last);
            stretches.add(new Stretch<>(days, entry.getValue()));
            entry = next;
        }
        return stretches;
    }
}
