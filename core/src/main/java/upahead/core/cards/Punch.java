package upahead.core.cards;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;

/**
 * That somebody came, went, or began or ended a break.
 *
 * @param at to the minute
 */
public record Punch(Instant at, Kind kind) {

    static final Comparator<Punch> ORDER = Comparator.comparing(Punch::at).thenComparing(Punch::kind);

    /** What somebody said at the clock. */
    public enum Kind {
        IN,
        /** Begins a break, or ends one that has begun. */
        BREAK,
        OUT
    }

    /** @param at its seconds are dropped */
    public Punch {
        at = at.truncatedTo(ChronoUnit.MINUTES);
    }
}
