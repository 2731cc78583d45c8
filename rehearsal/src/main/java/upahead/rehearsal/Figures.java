package upahead.rehearsal;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.Standing;
import upahead.core.quantity.Amount;

/** The figures of an account on a date, by the names under which they are printed. */
final class Figures {

    static final List<String> NAMES =
            List.of("balance", "available", "earnedThisYear", "usedThisYear", "withheldThisYear", "lapsed", "paidOut");

    private Figures() {}

    static Map<String, Amount> on(Ledger ledger, LocalDate asOf) {
        Standing standing = ledger.standing(asOf);
        List<Amount> values = List.of(
                standing.balance(),
                ledger.available(asOf),
                standing.earnedThisYear(),
                standing.usedThisYear(),
                standing.withheldThisYear(),
                standing.lapsed(),
                standing.paidOut());
        Map<String, Amount> figures = new LinkedHashMap<>();
        for (int i = 0; i < values.size(); i++) {
            figures.put(NAMES.get(i), values.get(i));
        }
        return figures;
    }
}
