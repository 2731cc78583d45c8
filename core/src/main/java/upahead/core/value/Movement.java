package upahead.core.value;

import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.LedgerLine;
import upahead.core.quantity.Amount;

/**
 * What moved a balance within some days, each signed as it moves it: {@code after = before + brought + earned + adjusted +
 * used + lapsed + paidOut}, always.
 *
 * @param before at the end of the day before the first
 * @param brought by an opening balance
 * @param paidOut with what went on in another policy
 * @param after at the end of the last day
 */
public record Movement(
        Amount before,
        Amount brought,
        Amount earned,
        Amount adjusted,
        Amount used,
        Amount lapsed,
        Amount paidOut,
        Amount after) {

    /**
     * @throws IllegalArgumentException if the last day is after the last one derived
     */
    public static Movement of(Ledger ledger, DateSpan days) {
        Amount brought = Amount.ZERO;
        Amount earned = Amount.ZERO;
        Amount adjusted = Amount.ZERO;
        Amount used = Amount.ZERO;
        Amount lapsed = Amount.ZERO;
        Amount paidOut = Amount.ZERO;
        for (LedgerLine line : ledger.linesWithin(days)) {
            Amount change = line.amount();
            switch (line.kind()) {
                case OPENING -> brought = brought.plus(change);
                case EARNED -> earned = earned.plus(change);
                case ADJUSTED -> adjusted = adjusted.plus(change);
                case TAKEN -> used = used.plus(change);
                case LAPSED -> lapsed = lapsed.plus(change);
                case PAID_OUT -> paidOut = paidOut.plus(change);
            }
        }
        return new Movement(
                ledger.balance(days.first().minusDays(1)),
                brought,
                earned,
                adjusted,
                used,
                lapsed,
                paidOut,
                ledger.balance(days.last()));
    }

    /**
     * The same from another balance, that of recorded hours alone: hours that are expected and were not recorded count as
     * earned meanwhile.
     */
    public Movement from(Amount recorded) {
        return new Movement(
                recorded, brought, earned.plus(before).minus(recorded), adjusted, used, lapsed, paidOut, after);
    }
}
