package upahead.core.cards;

import java.time.Duration;
import upahead.core.quantity.Amount;

/**
 * The break that a long day must have.
 *
 * @param after of how many hours worked it is needed, above 0
 * @param minutes how long it has to be in all, at least 1
 */
public record BreakRule(Amount after, int minutes) {

    /**
     * @throws IllegalArgumentException if a figure is not positive
     */
    public BreakRule {
        if (!after.isPositive() || minutes < 1) {
            throw new IllegalArgumentException("a break is needed after hours above 0 and lasts a minute or more");
        }
    }

    /** Whether a day keeps it; one without times cannot break it. */
    public boolean isKeptBy(CardDay day) {
        return !day.hours().isMoreThan(after) || day.rested().compareTo(Duration.ofMinutes(minutes)) >= 0;
    }
}
