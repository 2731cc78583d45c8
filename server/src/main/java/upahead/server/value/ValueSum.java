package upahead.server.value;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import upahead.core.quantity.Amount;
import upahead.core.value.ValueChange;

/**
 * What the leave of some balances is worth together.
 *
 * @param id of what they have in common, 0 for all
 * @param name of it, empty for all
 * @param people how many have a balance among them
 * @param unknown how many of the balances nobody can say the worth of, since their people have no rate
 * @param change in money
 */
record ValueSum(long id, String name, int people, int unknown, ValueChange change) {

    /** What balances can have in common. */
    enum By {
        POLICY,
        TEAM,
        SITE
    }

    private record Common(long id, String name) {}

    /** All of them together. */
    static ValueSum of(List<ValueRow> rows) {
        return of(new Common(0, ""), rows);
    }

    /** What is worth most first. */
    static List<ValueSum> by(By by, List<ValueRow> rows) {
        Function<ValueRow, Common> common =
                switch (by) {
                    case POLICY -> row -> new Common(row.policyId(), row.policy());
                    case TEAM -> row -> new Common(row.teamId(), row.team());
                    case SITE -> row -> new Common(row.siteId(), row.site());
                };
        Map<Common, List<ValueRow>> together =
                rows.stream().collect(Collectors.groupingBy(common, LinkedHashMap::new, Collectors.toList()));
        List<ValueSum> sums = new ArrayList<>();
        together.forEach((key, some) -> sums.add(of(key, some)));
        sums.sort(Comparator.<ValueSum, Amount>comparing(sum -> sum.change().after(), Comparator.reverseOrder())
                .thenComparing(ValueSum::name));
        return sums;
    }

    private static ValueSum of(Common common, List<ValueRow> rows) {
        List<ValueChange> known = rows.stream()
                .filter(row -> row.change() != null)
                .map(ValueRow::change)
                .toList();
        return new ValueSum(
                common.id(),
                common.name(),
                (int) rows.stream().map(ValueRow::personId).distinct().count(),
                (int) rows.stream().filter(ValueRow::isUnknown).count(),
                new ValueChange(
                        sum(known, ValueChange::before),
                        sum(known, ValueChange::brought),
                        sum(known, ValueChange::earned),
                        sum(known, ValueChange::adjusted),
                        sum(known, ValueChange::used),
                        sum(known, ValueChange::lapsed),
                        sum(known, ValueChange::paidOut),
                        sum(known, ValueChange::rates),
                        sum(known, ValueChange::after)));
    }

    private static Amount sum(List<ValueChange> changes, Function<ValueChange, Amount> part) {
        return Amount.sum(changes.stream().map(part).toList());
    }
}
