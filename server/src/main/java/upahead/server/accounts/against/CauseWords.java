package upahead.server.accounts.against;

import upahead.core.ledger.Explanation;
import upahead.core.quantity.Unit;
import upahead.server.platform.words.Words;

/** Says in one sentence what another record of a balance seems to do otherwise. */
final class CauseWords {

    private CauseWords() {}

    static String of(Explanation explanation, Unit unit) {
        String day = Words.fullDay(explanation.on());
        String amount = Words.amount(explanation.amount(), unit);
        return switch (explanation.kind()) {
            case ROUNDED -> "It is rounded.";
            case EARNING_IS_MISSING -> "It does not have the " + amount + " earned on " + day + ".";
            case EARNING_IS_THERE_ALREADY -> "It has the " + amount + " of " + day + " already.";
            case LEAVE_IS_MISSING -> "It does not have the leave from " + day + " on, " + amount + ".";
            case LEAVE_IS_THERE_TWICE -> "It has the leave from " + day + " on twice, " + amount + ".";
            case BOOKED_LEAVE_IS_THERE_ALREADY ->
                "It has the leave booked from " + day + " on already, " + amount + ".";
            case HOLIDAY_IS_CHARGED -> "It counts the holiday of " + day + " as leave, " + amount + ".";
            case NOTHING_WAS_WITHHELD -> "It does not know the limit that withheld " + amount + " up to " + day + ".";
            case NOTHING_LAPSED -> "It kept the " + amount + " that lapsed or were paid out on " + day + ".";
            case ADJUSTMENT_IS_MISSING -> "It does not have the adjustment of " + day + ", " + amount + ".";
        };
    }
}
