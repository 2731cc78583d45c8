package upahead.core.ledger;

import java.time.LocalDate;
import upahead.core.quantity.Amount;

/**
 * One event that would by itself explain why another record of a balance differs from this one.
 *
 * @param on the day of the event
 * @param amount of the event in the policy's unit, above 0
 */
public record Explanation(Kind kind, LocalDate on, Amount amount) {

    /** What the other record does with the event. */
    public enum Kind {
        /** It keeps fewer decimals, or rounds along the way. */
        ROUNDED,
        /** It does not have what was earned on that day. */
        EARNING_IS_MISSING,
        /** It has what will be earned on that day already. */
        EARNING_IS_THERE_ALREADY,
        /** It does not have leave that begins on that day. */
        LEAVE_IS_MISSING,
        /** It has leave of that day twice. */
        LEAVE_IS_THERE_TWICE,
        /** It has booked leave that begins on that day already. */
        BOOKED_LEAVE_IS_THERE_ALREADY,
        /** It takes a holiday beside leave for a day of leave. */
        HOLIDAY_IS_CHARGED,
        /** It earned what a limit withheld here. */
        NOTHING_WAS_WITHHELD,
        /** It kept what lapsed or was paid out here. */
        NOTHING_LAPSED,
        /** It does not have an adjustment. */
        ADJUSTMENT_IS_MISSING
    }
}
