package upahead.core.calendar;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Whole calendar days from a first to a last one, both counted.
 *
 * @param first never null
 * @param last not before {@code first}
 */
public record DateSpan(LocalDate first, LocalDate last) {

    /**
     * @throws IllegalArgumentException if the last day is before the first
     */
    public DateSpan {
        if (last.isBefore(first)) {
            throw new IllegalArgumentException("the last day " + last + " is before the first day " + first);
        }
    }

    /** @throws IllegalArgumentException if the last day is before the first */
    public static DateSpan of(LocalDate first, LocalDate last) {
        return new DateSpan(first, last);
    }

    /** The span between two days, or nothing where the last is before the first. */
    public static Optional<DateSpan> between(LocalDate first, LocalDate last) {
        return last.isBefore(first) ? Optional.empty() : Optional.of(new DateSpan(first, last));
    }

    /** How many days some spans have together, none of them overlapping another. */
    public static long days(List<DateSpan> spans) {
        long days = 0;
        for (DateSpan span : spans) {
            days += span.days();
        }
        return days;
    }

    /** Whether a day is one of these, the first and the last included. */
    public boolean contains(LocalDate day) {
        return !day.isBefore(first) && !day.isAfter(last);
    }

    /** How many days there are, at least 1. */
    public long days() {
        return ChronoUnit.DAYS.between(first, last) + 1;
    }

    /** The days that both spans have. */
    public Optional<DateSpan> intersection(DateSpan other) {
        return between(later(first, other.first), earlier(last, other.last));
    }

    /** What is left of these days without others: none, one or two spans. */
    public List<DateSpan> without(DateSpan other) {
        if (intersection(other).isEmpty()) {
            return List.of(this);
        }
        return Stream.of(between(first, other.first.minusDays(1)), between(other.last.plusDays(1), last))
                .flatMap(Optional::stream)
                .toList();
    }

    /** Each day, in order of time. */
    public Stream<LocalDate> dates() {
        return first.datesUntil(last.plusDays(1));
    }

    /** The later of two days. */
    public static LocalDate later(LocalDate one, LocalDate other) {
        return one.isAfter(other) ? one : other;
    }

    /** The earlier of two days. */
    public static LocalDate earlier(LocalDate one, LocalDate other) {
        return one.isBefore(other) ? one : other;
    }

    @Override
    public String toString() {
        return first + " to " + last;
    }
}
