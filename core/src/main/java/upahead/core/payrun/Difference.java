package upahead.core.payrun;

import java.time.LocalDate;
import upahead.core.ledger.LineKind;
import upahead.core.quantity.Amount;

/**
 * What derived and posted figures of one account differ by on one date, in one kind of line.
 *
 * @param about the date
 * @param amount derived less posted
 * @param withheld derived less posted
 */
public record Difference(LocalDate about, LineKind kind, Amount amount, Amount withheld) {}
