package upahead.core.cards;

import java.time.Duration;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import upahead.core.hours.Work;

/**
 * Work, or a break in it, from one moment to another.
 *
 * @param kind of hours, such as "regular"; of no effect on a break
 * @param from nothing where the begin is not known yet
 * @param to not counted any more; nothing where the end is not known yet
 */
public record Stretch(What what, String kind, Optional<Instant> from, Optional<Instant> to) {

    /** What a stretch is. */
    public enum What {
        WORK,
        BREAK
    }

    /**
     * @throws IllegalArgumentException if neither the begin nor the end is known
     */
    public Stretch {
        Objects.requireNonNull(kind, "kind");
        if (from.isEmpty() && to.isEmpty()) {
            throw new IllegalArgumentException("a stretch has a begin or an end");
        }
    }

    /** One of regular work, or a break, of which begin and end are known. */
    public static Stretch of(What what, Instant from, Instant to) {
        return new Stretch(what, Work.REGULAR, Optional.of(from), Optional.of(to));
    }

    /** The same from and to other moments. */
    Stretch at(Optional<Instant> begins, Optional<Instant> ends) {
        return new Stretch(what, kind, begins, ends);
    }

    /** Whether begin and end are known and in order. */
    public boolean isWhole() {
        return from.isPresent() && to.isPresent() && from.get().isBefore(to.get());
    }

    /** How long it is, zero as long as it is not whole. */
    public Duration length() {
        return isWhole() ? Duration.between(from.get(), to.get()) : Duration.ZERO;
    }

    /** How much of the time both have, zero as long as one of them is not whole. */
    public Duration shared(Stretch other) {
        if (!isWhole() || !other.isWhole()) {
            return Duration.ZERO;
        }
        Instant begins = from.get().isAfter(other.from.get()) ? from.get() : other.from.get();
        Instant ends = to.get().isBefore(other.to.get()) ? to.get() : other.to.get();
        return begins.isBefore(ends) ? Duration.between(begins, ends) : Duration.ZERO;
    }

    /** What lies at one point of time: the begin, or the end where only that is known. */
    Instant at() {
        return from.or(() -> to).orElseThrow();
    }
}
