package upahead.server.yearend;

import java.util.ArrayList;
import java.util.List;
import upahead.core.ledger.YearTurn;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.platform.words.Words;

/** Says in what a year's end is another than was expected. */
final class Differences {

    private Differences() {}

    /** Empty where all is as expected. */
    static String between(YearTurn expected, YearTurn found, Unit unit) {
        List<String> said = new ArrayList<>();
        say(said, "held before", expected.held(), found.held(), unit);
        say(said, "carried over", expected.carried(), found.carried(), unit);
        say(said, "lost", expected.lost().plus(expected.unused()), found.lost().plus(found.unused()), unit);
        say(said, "paid out", expected.paidOut(), found.paidOut(), unit);
        if (!expected.on().equals(found.on())) {
            said.add("on " + Words.fullDay(found.on()) + " instead of " + Words.fullDay(expected.on()));
        }
        return String.join("; ", said);
    }

    private static void say(List<String> said, String what, Amount expected, Amount found, Unit unit) {
        if (!expected.equals(found)) {
            said.add(what + " " + Words.amount(found, unit) + " instead of " + Words.figure(expected));
        }
    }
}
