package upahead.server.payruns;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.platform.words.Words;

/** Says in words how the figures of a person differ from what they were. */
final class StatementDifference {

    private static final int MOST_NAMED = 3;

    private record Figure(Amount amount, Unit unit) {}

    private StatementDifference() {}

    /** "Vacation used 7.5 hours, was 0 hours"; where the figures are the same, that the days behind them moved. */
    static String words(Statement then, Statement now) {
        Map<String, Figure> before = figures(then);
        Map<String, Figure> after = figures(now);
        Set<String> names = new TreeSet<>(before.keySet());
        names.addAll(after.keySet());
        List<String> differing = names.stream()
                .filter(name -> !amount(before.get(name)).equals(amount(after.get(name))))
                .map(name -> words(name, before.get(name), after.get(name)))
                .toList();
        if (differing.isEmpty()) {
            return "the days behind the figures moved";
        }
        return differing.stream().limit(MOST_NAMED).collect(Collectors.joining("; "))
                + (differing.size() > MOST_NAMED ? "; and more" : "");
    }

    private static String words(String name, Figure before, Figure after) {
        Unit unit = (after == null ? before : after).unit();
        return name + " " + Words.amount(amount(after), unit) + ", was " + Words.amount(amount(before), unit);
    }

    private static Amount amount(Figure figure) {
        return figure == null ? Amount.ZERO : figure.amount();
    }

    private static Map<String, Figure> figures(Statement statement) {
        Map<String, Figure> figures = new LinkedHashMap<>();
        for (Statement.Balance balance : statement.balances()) {
            RunTotals totals = balance.totals();
            Map<String, Amount> named = new LinkedHashMap<>();
            named.put("opening", totals.opening());
            named.put("earned", totals.earned());
            named.put("used", totals.used());
            named.put("adjusted", totals.adjusted());
            named.put("lapsed", totals.lapsed());
            named.put("paid out", totals.paidOut());
            named.put("corrected", totals.corrections());
            named.forEach(
                    (name, amount) -> figures.put(balance.policy() + " " + name, new Figure(amount, balance.unit())));
        }
        statement.worked().forEach(line -> figures.put(line.what(), new Figure(line.amount(), line.unit())));
        return figures;
    }
}
