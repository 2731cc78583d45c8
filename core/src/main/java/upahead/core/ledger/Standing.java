package upahead.core.ledger;

import upahead.core.quantity.Amount;

/**
 * The figures of an account at the end of a day, in the policy's unit.
 *
 * @param balance of any sign
 * @param earnedThisYear earned in the benefit year of that day
 * @param usedThisYear used in it
 * @param withheldThisYear withheld in it
 * @param lapsed lapsed since the account began, positive
 * @param paidOut paid out since the account began, positive
 */
public record Standing(
        Amount balance,
        Amount earnedThisYear,
        Amount usedThisYear,
        Amount withheldThisYear,
        Amount lapsed,
        Amount paidOut) {

    static final Standing NOTHING =
            new Standing(Amount.ZERO, Amount.ZERO, Amount.ZERO, Amount.ZERO, Amount.ZERO, Amount.ZERO);

    Standing plus(LedgerLine line, boolean ofThisYear) {
        Amount earned = earnedThisYear;
        Amount used = usedThisYear;
        Amount lapsedSoFar = lapsed;
        Amount paidOutSoFar = paidOut;
        switch (line.kind()) {
            case OPENING -> {
                if (ofThisYear && line.reason() instanceof Reason.Opened opened) {
                    earned = earned.plus(opened.opening().earnedThisYear());
                    used = used.plus(opened.opening().usedThisYear());
                }
            }
            case EARNED -> earned = ofThisYear ? earned.plus(line.amount()) : earned;
            case TAKEN -> used = ofThisYear ? used.minus(line.amount()) : used;
            case LAPSED -> lapsedSoFar = lapsedSoFar.minus(line.amount());
            case PAID_OUT -> paidOutSoFar = paidOutSoFar.minus(line.amount());
            case ADJUSTED -> {
                // an adjustment moves the balance and no counter
            }
        }
        Amount withheld = ofThisYear ? withheldThisYear.plus(line.withheld()) : withheldThisYear;
        return new Standing(line.balance(), earned, used, withheld, lapsedSoFar, paidOutSoFar);
    }
}
