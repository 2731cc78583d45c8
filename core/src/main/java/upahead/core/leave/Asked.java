package upahead.core.leave;

import upahead.core.quantity.Amount;

/** How much of one day somebody asks to be away. */
public sealed interface Asked {

    Asked WHOLE_DAY = new WholeDay();
    Asked HALF_DAY = new HalfDay();

    /** All hours to be worked that day. */
    record WholeDay() implements Asked {}

    /** Half of the hours to be worked that day. */
    record HalfDay() implements Asked {}

    /**
     * Some hours.
     *
     * @param hours above 0, at most 24
     */
    record SomeHours(Amount hours) implements Asked {
        private static final Amount DAY = Amount.of(24);

        /**
         * @throws IllegalArgumentException if the hours are not above 0 or above 24
         */
        public SomeHours {
            if (!hours.isPositive() || hours.isMoreThan(DAY)) {
                throw new IllegalArgumentException("the hours of a day must be above 0 and at most 24, not " + hours);
            }
        }
    }
}
