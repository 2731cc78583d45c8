package upahead.core.ledger;

import java.time.LocalDate;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;

/**
 * What a year's end did to an account (calculation contract, "Year's end"): {@code held = unused + lost + paidOut +
 * carried}, always. All in the policy's unit.
 *
 * @param on the first day of the new benefit year
 * @param held the balance at the end of the day before, of any sign
 * @param unused of time whose last usable day was the day before, at least 0
 * @param lost more than is carried over, and lapsed, at least 0
 * @param paidOut more than is carried over, and paid out, at least 0
 * @param carried into the new year, of any sign
 */
public record YearTurn(LocalDate on, Amount held, Amount unused, Amount lost, Amount paidOut, Amount carried) {

    /**
     * The year's end on a day.
     *
     * @param on at most the last day derived
     * @return nothing where no benefit year begins on that day, or the account began on it or later
     */
    public static Optional<YearTurn> of(Ledger ledger, LocalDate on) {
        if (!on.isAfter(ledger.begins()) || !ledger.benefitYear(on).first().equals(on)) {
            return Optional.empty();
        }
        Amount held = ledger.balance(on.minusDays(1));
        Amount unused = Amount.ZERO;
        Amount lost = Amount.ZERO;
        Amount paidOut = Amount.ZERO;
        for (LedgerLine line : ledger.linesWithin(new DateSpan(on, on))) {
            Amount left = line.amount().negated();
            if (line.reason() instanceof Reason.NotUsedInTime) {
                unused = unused.plus(left);
            } else if (line.reason() instanceof Reason.NotCarriedOver) {
                lost = line.kind() == LineKind.LAPSED ? lost.plus(left) : lost;
                paidOut = line.kind() == LineKind.PAID_OUT ? paidOut.plus(left) : paidOut;
            }
        }
        Amount carried = held.minus(unused).minus(lost).minus(paidOut);
        return Optional.of(new YearTurn(on, held, unused, lost, paidOut, carried));
    }
}
