package upahead.core.ledger;

import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Rounding;

/**
 * The running total of a benefit year's exact shares. What a share offers is the difference it makes to the rounded total
 * (calculation contract, "Quantities"), so that the shares of a year add up.
 */
final class RoundingTotal {

    private Fraction exact = Fraction.ZERO;
    private Rounding with;
    private Amount rounded;

    RoundingTotal() {}

    /** A copy that goes its own way. */
    RoundingTotal(RoundingTotal other) {
        exact = other.exact;
        with = other.with;
        rounded = other.rounded;
    }

    /** Adds a share, rounding as the version of its day says, and returns what it offers; of any sign. */
    Amount offer(Fraction share, Rounding rounding) {
        if (!rounding.equals(with)) {
            with = rounding;
            rounded = rounding.round(exact);
        }
        Amount before = rounded;
        exact = exact.plus(share);
        rounded = rounding.round(exact);
        return rounded.minus(before);
    }
}
