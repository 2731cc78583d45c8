package upahead.core.ledger;

import java.time.LocalDate;
import java.util.Objects;
import upahead.core.quantity.Amount;

/**
 * One dated change of a balance. Lines are never changed.
 *
 * @param on the date
 * @param kind what it is
 * @param amount signed: what it adds to the balance
 * @param withheld what was offered and not credited because of a limit, at least 0
 * @param balance after this line
 * @param reason the rule, inputs and arithmetic
 */
public record LedgerLine(LocalDate on, LineKind kind, Amount amount, Amount withheld, Amount balance, Reason reason) {
    public LedgerLine {
        Objects.requireNonNull(on, "on");
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(reason, "reason");
    }
}
