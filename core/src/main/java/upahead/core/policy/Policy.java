package upahead.core.policy;

import java.util.Objects;
import upahead.core.calendar.BenefitYear;
import upahead.core.calendar.Timeline;
import upahead.core.quantity.Unit;

/**
 * The rules of one balance.
 *
 * @param unit what it counts in; the same for all versions
 * @param benefitYear when its year begins; the same for all versions
 * @param versions the terms, each in force from a date; nothing happens before the first
 */
public record Policy(Unit unit, BenefitYear benefitYear, Timeline<Terms> versions) {
    public Policy {
        Objects.requireNonNull(unit, "unit");
        Objects.requireNonNull(benefitYear, "benefitYear");
        Objects.requireNonNull(versions, "versions");
    }
}
