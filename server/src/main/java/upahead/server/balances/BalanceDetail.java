package upahead.server.balances;

import java.time.LocalDate;
import java.util.List;
import org.springframework.lang.Nullable;
import upahead.core.ledger.LineKind;
import upahead.core.quantity.Amount;

/**
 * One balance with its line over time.
 *
 * @param today up to where lines are facts; later ones are forecast
 * @param opening the balance before the first line shown
 * @param lines from {@code from} through {@code through}, each with its reason in one sentence
 * @param balanceLimit in force on the as-of day, null where there is none
 */
public record BalanceDetail(
        BalanceRow figures,
        LocalDate asOf,
        LocalDate today,
        LocalDate from,
        LocalDate through,
        Amount opening,
        @Nullable Amount balanceLimit,
        @Nullable Amount earnedPerYearLimit,
        @Nullable Amount usedPerYearLimit,
        Amount overdraw,
        List<Line> lines) {

    /** One line of the ledger. */
    public record Line(LocalDate on, LineKind kind, Amount amount, Amount withheld, Amount balance, String why) {}
}
