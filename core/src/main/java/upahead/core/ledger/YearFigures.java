package upahead.core.ledger;

import java.time.LocalDate;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;

/**
 * What made a balance what it is, since its benefit year began: {@code balance = carried + earned - used + adjusted -
 * lapsed - paidOut}, always. All in the policy's unit.
 *
 * @param carried into the year, after what its first day took from the year before; of an opening balance within the
 *     year, what of it was neither earned nor used in the year; of any sign
 * @param earned at least 0
 * @param used of any sign, since leave can be given back
 * @param adjusted of any sign
 * @param lapsed at least 0, without what the year's first day took from the year before
 * @param paidOut with what went on in another policy; likewise
 * @param withheld offered and not credited, at least 0; it is in no balance
 * @param balance of any sign
 */
public record YearFigures(
        Amount carried,
        Amount earned,
        Amount used,
        Amount adjusted,
        Amount lapsed,
        Amount paidOut,
        Amount withheld,
        Amount balance) {

    /**
     * The figures of the benefit year that a day is in, at the end of that day.
     *
     * @throws IllegalArgumentException if the day is after the last one derived
     */
    public static YearFigures of(Ledger ledger, LocalDate day) {
        DateSpan soFar = new DateSpan(ledger.benefitYear(day).first(), day);
        Amount balance = ledger.balance(day);
        Amount before = ledger.balance(soFar.first().minusDays(1));
        Amount earned = Amount.ZERO;
        Amount used = Amount.ZERO;
        Amount adjusted = Amount.ZERO;
        Amount lapsed = Amount.ZERO;
        Amount paidOut = Amount.ZERO;
        Amount withheld = Amount.ZERO;
        Amount carried = before;
        for (LedgerLine line : ledger.linesWithin(soFar)) {
            Amount change = line.amount();
            withheld = withheld.plus(line.withheld());
            if (isOfTheYearBefore(line, soFar.first())) {
                carried = carried.plus(change);
                continue;
            }
            switch (line.kind()) {
                case OPENING -> {
                    if (line.reason() instanceof Reason.Opened opened) {
                        earned = opened.opening().earnedThisYear();
                        used = opened.opening().usedThisYear();
                        carried = change.minus(earned).plus(used);
                    }
                }
                case EARNED -> earned = earned.plus(change);
                case ADJUSTED -> adjusted = adjusted.plus(change);
                case TAKEN -> used = used.minus(change);
                case LAPSED -> lapsed = lapsed.minus(change);
                case PAID_OUT -> paidOut = paidOut.minus(change);
            }
        }
        return new YearFigures(carried, earned, used, adjusted, lapsed, paidOut, withheld, balance);
    }

    /** Whether a line of a year's first day is what that day took from the year before. */
    private static boolean isOfTheYearBefore(LedgerLine line, LocalDate yearBegins) {
        return line.on().equals(yearBegins)
                && (line.reason() instanceof Reason.NotCarriedOver || line.reason() instanceof Reason.NotUsedInTime);
    }
}
