package upahead.core.ledger;

import java.util.Optional;
import upahead.core.calendar.PlainDates;

/** Says in one plain sentence, with its arithmetic, why a ledger line is there. */
public final class PlainWords {

    private PlainWords() {}

    /** The rule, the inputs and the arithmetic of a line, as a sentence without a full stop. */
    public static String why(LedgerLine line) {
        Reason reason = line.reason();
        if (reason instanceof Reason.Earned earned) {
            return earned.basis().words() + ": " + earned.offered() + room(line, earned.room());
        }
        if (reason instanceof Reason.Opened opened) {
            return "Opening balance, with " + opened.opening().earnedThisYear() + " already earned and "
                    + opened.opening().usedThisYear() + " already used this benefit year";
        }
        if (reason instanceof Reason.Adjusted adjusted) {
            return "Adjusted: " + adjusted.reason();
        }
        if (reason instanceof Reason.NotUsedInTime unused) {
            return "Credited on " + PlainDates.day(unused.credited()) + " and usable until "
                    + PlainDates.day(unused.lastUsable());
        }
        if (reason instanceof Reason.NotCarriedOver excess) {
            return excess.carried().isZero()
                    ? "Nothing is carried over at the year's end; " + excess.held() + " were held"
                    : "Up to " + excess.carried() + " are carried over at the year's end; " + excess.held()
                            + " were held";
        }
        if (reason instanceof Reason.LeftOnLeaving) {
            return "What was left on the last day of employment";
        }
        if (reason instanceof Reason.EnrolmentEnded) {
            return "What was left when the enrolment ended";
        }
        if (reason instanceof Reason.MovedToAnotherPolicy) {
            return "Moved to another policy when the enrolment ended";
        }
        return "Leave taken";
    }

    private static String room(LedgerLine line, Optional<Reason.Room> room) {
        return room.filter(unused -> line.withheld().isPositive())
                .map(left -> "; room under the " + left.limit().words() + " of " + left.figure() + ": " + left.amount()
                        + "; withheld " + line.withheld())
                .orElse("");
    }
}
