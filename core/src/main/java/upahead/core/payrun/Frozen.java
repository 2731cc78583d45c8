package upahead.core.payrun;

import java.time.LocalDate;
import java.util.Objects;
import upahead.core.ledger.LineKind;
import upahead.core.quantity.Amount;

/**
 * A posted line as far as later closes need it.
 *
 * @param about the date it is about: its own date, or for a correction or a reversal the date it is about
 * @param kind what it is
 * @param amount signed
 * @param withheld what a limit cut off; signed, since corrections can take it back
 */
public record Frozen(LocalDate about, LineKind kind, Amount amount, Amount withheld) {
    public Frozen {
        Objects.requireNonNull(about, "about");
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(amount, "amount");
        Objects.requireNonNull(withheld, "withheld");
    }
}
