package upahead.server.accounts;

import java.time.LocalDate;
import java.util.List;
import upahead.core.ledger.LedgerLine;
import upahead.core.ledger.LineKind;
import upahead.core.ledger.Reason;
import upahead.core.policy.Limits;
import upahead.core.quantity.Amount;

/**
 * One balance with its line over time.
 *
 * @param today up to where lines are facts; later ones are forecast
 * @param opening the balance before the first line shown
 * @param lines from {@code from} through {@code through}, each with its reason in one sentence
 * @param limits in force on the as-of day
 */
public record BalanceDetail(
        BalanceRow figures,
        LocalDate asOf,
        LocalDate today,
        LocalDate from,
        LocalDate through,
        Amount opening,
        Limits limits,
        List<Line> lines) {

    /** What a line of the ledger comes from. */
    public enum From {
        HOURS,
        LEAVE,
        ADJUSTMENT,
        OPENING,
        /** The policy's own words alone. */
        TERMS;

        static From of(LedgerLine line) {
            return switch (line.kind()) {
                case OPENING -> OPENING;
                case TAKEN -> LEAVE;
                case ADJUSTED -> ADJUSTMENT;
                case EARNED ->
                    line.reason() instanceof Reason.Earned earned
                                    && earned.basis().isOfHours()
                            ? HOURS
                            : TERMS;
                case LAPSED, PAID_OUT -> TERMS;
            };
        }
    }

    /** One line of the ledger. */
    public record Line(
            LocalDate on, LineKind kind, Amount amount, Amount withheld, Amount balance, String why, From from) {}
}
