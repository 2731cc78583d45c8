package upahead.server.accounts;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * Something that is ahead for one balance.
 *
 * @param amount in the policy's unit, null where it is about no amount
 * @param message one plain sentence
 */
public record AheadView(
        LocalDate on, long policyId, String policy, Unit unit, What what, @Nullable Amount amount, String message) {

    /** What it is. */
    public enum What {
        EARNING_BEGINS,
        USE_BEGINS,
        GRANT,
        LIMIT_REACHED,
        WITHHELD,
        LAPSE,
        PAY_OUT,
        TENURE_STEP,
        YEAR_ENDS,
        BELOW_ZERO,
        TERMS_CHANGE
    }
}
