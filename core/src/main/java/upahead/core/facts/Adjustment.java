package upahead.core.facts;

import java.time.LocalDate;
import java.util.Objects;
import upahead.core.quantity.Amount;

/**
 * A correction of a balance by hand; never limited, not earning.
 *
 * @param on the date it counts from
 * @param amount signed, in the policy's unit
 * @param reason why, never null
 */
public record Adjustment(LocalDate on, Amount amount, String reason) {
    public Adjustment {
        Objects.requireNonNull(on, "on");
        Objects.requireNonNull(amount, "amount");
        Objects.requireNonNull(reason, "reason");
    }
}
