package upahead.server.accounts.overview;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.accounts.BalanceRow;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/**
 * The balances of one policy that have a place in common, added up; of one policy, since hours and days do not add up.
 *
 * @param placeId of the team or site, 0 where it is everybody
 * @param place its name, empty where it is everybody
 * @param people how many, as an amount so that it stands among the figures
 * @param figures by the keys of the columns of balances
 */
public record BalanceSum(
        long placeId,
        String place,
        long policyId,
        String policy,
        Unit unit,
        Amount people,
        Map<String, Amount> figures) {

    /** By place and policy. */
    static final Comparator<BalanceSum> BY_PLACE =
            Comparator.comparing(BalanceSum::place).thenComparing(BalanceSum::policy);

    /** The columns that are no figures of balances; not every table of sums has a place. */
    static final List<String> NAMES = List.of("place", "policy", "unit", "people");

    private record Together(long placeId, String place, long policyId) {}

    /** Sums of teams. */
    static List<BalanceSum> byTeam(List<BalanceRow> rows) {
        return by(rows, row -> new Together(row.teamId(), row.team(), row.policyId()));
    }

    /** Sums of sites. */
    static List<BalanceSum> bySite(List<BalanceRow> rows) {
        return by(rows, row -> new Together(row.siteId(), row.site(), row.policyId()));
    }

    /** Sums of policies. */
    static List<BalanceSum> byPolicy(List<BalanceRow> rows) {
        return by(rows, row -> new Together(0, "", row.policyId()));
    }

    private static List<BalanceSum> by(List<BalanceRow> rows, Function<BalanceRow, Together> together) {
        List<BalanceSum> sums = new ArrayList<>();
        rows.stream()
                .collect(Collectors.groupingBy(together, LinkedHashMap::new, Collectors.toList()))
                .forEach((key, some) -> sums.add(new BalanceSum(
                        key.placeId(),
                        key.place(),
                        key.policyId(),
                        some.get(0).policy(),
                        some.get(0).unit(),
                        Amount.of(some.size()),
                        BalanceRow.COLUMNS.sums(some))));
        return sums;
    }

    /** Whether balances have a figure of a key. */
    static boolean isFigure(String key) {
        return BalanceRow.COLUMNS.figures().stream().anyMatch(each -> each.key().equals(key));
    }

    /** The columns of sums: the place, and the figures of balances as far as they add up to something. */
    static Columns<BalanceSum> columns(String placeTitle) {
        Columns<BalanceSum> columns = Columns.of(BalanceSum.class);
        if (!placeTitle.isEmpty()) {
            columns.with("place", placeTitle, ColumnKind.TEXT);
        }
        columns.with("policy", "Policy", ColumnKind.TEXT)
                .with("unit", "Unit", ColumnKind.UNIT)
                .with("people", "People", ColumnKind.AMOUNT);
        BalanceRow.COLUMNS
                .figures()
                .forEach(each -> columns.with(each.key(), each.title(), each.kind(), sum -> sum.figures()
                        .get(each.key())));
        return columns;
    }
}
