package upahead.server.facts.adjustments;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import upahead.core.facts.Adjustment;
import upahead.core.quantity.Amount;

/**
 * One of many adjustments to be made.
 *
 * @param amount signed, in the policy's unit
 */
public record AdjustmentRow(
        long personId,
        long policyId,
        @NotNull(message = "please give each day") LocalDate on,
        @NotNull(message = "please give each amount") Amount amount,
        @NotBlank(message = "please say why") @Size(max = 300, message = "a reason has at most 300 characters")
                String reason) {

    public Adjustment adjustment() {
        return new Adjustment(on, amount, reason.strip());
    }
}
