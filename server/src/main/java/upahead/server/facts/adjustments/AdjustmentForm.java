package upahead.server.facts.adjustments;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import upahead.core.facts.Adjustment;
import upahead.core.quantity.Amount;

/**
 * An adjustment as it is typed.
 *
 * @param amount signed, in the policy's unit
 */
public record AdjustmentForm(
        @NotNull(message = "please choose a day") LocalDate on,
        @NotNull(message = "please give the amount, with a minus to take away") Amount amount,
        @NotBlank(message = "please say why") @Size(max = 300, message = "the reason has at most 300 characters")
                String reason) {

    public Adjustment adjustment() {
        return new Adjustment(on, amount, reason.strip());
    }
}
