package upahead.core.earning;

import upahead.core.quantity.Fraction;

/**
 * What an amount was multiplied by for somebody who works less than others, or more.
 *
 * @param factor at least 0, 1 where the policy does not scale
 * @param by how it came about
 */
public record Scale(Fraction factor, Scaling by) {

    /** " at 0.6 FTE", or nothing where it changes nothing. */
    String words() {
        return factor.equals(Fraction.ONE) ? "" : by.words(factor);
    }
}
