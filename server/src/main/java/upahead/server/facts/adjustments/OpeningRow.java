package upahead.server.facts.adjustments;

import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import upahead.core.facts.OpeningBalance;
import upahead.core.quantity.Amount;

/** An opening balance to be set. */
public record OpeningRow(
        long personId,
        long policyId,
        @NotNull(message = "please give the day of the opening balances") LocalDate on,
        @NotNull(message = "please give each balance") Amount balance,
        @NotNull Amount earnedThisYear,
        @NotNull Amount usedThisYear,
        @NotNull Amount hoursTowardNextStep) {

    OpeningBalance opening() {
        return new OpeningBalance(on, balance, earnedThisYear, usedThisYear, List.of(), hoursTowardNextStep);
    }

    /** Whether an opening balance says the same. */
    boolean says(OpeningBalance other) {
        return on.equals(other.on())
                && same(balance, other.balance())
                && same(earnedThisYear, other.earnedThisYear())
                && same(usedThisYear, other.usedThisYear())
                && same(hoursTowardNextStep, other.hoursTowardNextStep());
    }

    private static boolean same(Amount one, Amount other) {
        return one.value().compareTo(other.value()) == 0;
    }
}
