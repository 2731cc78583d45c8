package upahead.core.earning;

import upahead.core.quantity.Amount;

/** What figures of an earning rule may be. */
final class Figures {

    private Figures() {}

    static void requireNotNegative(Amount figure, String what) {
        if (figure.isNegative()) {
            throw new IllegalArgumentException(what + " must be at least 0, not " + figure);
        }
    }

    static void requirePositive(Amount figure, String what) {
        if (!figure.isPositive()) {
            throw new IllegalArgumentException(what + " must be above 0, not " + figure);
        }
    }
}
