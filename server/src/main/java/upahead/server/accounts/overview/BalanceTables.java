package upahead.server.accounts.overview;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import upahead.core.quantity.Unit;
import upahead.server.accounts.BalanceRow;
import upahead.server.accounts.overview.BalanceTableView.UnitSum;
import upahead.server.platform.files.CsvFile;
import upahead.server.platform.files.XlsxFile;
import upahead.server.platform.tables.ColumnView;
import upahead.server.platform.tables.Columns;

/** The table of balances in whatever rows it is wanted, for the screen and for files. */
@Component
class BalanceTables {

    private final EverybodysBalances balances;
    private final BalancesSideBySide sideBySide;

    BalanceTables(EverybodysBalances balances, BalancesSideBySide sideBySide) {
        this.balances = balances;
        this.sideBySide = sideBySide;
    }

    /** What a row is. */
    enum Rows {
        BALANCE,
        /** With the policies side by side. */
        PERSON,
        TEAM,
        SITE,
        POLICY
    }

    /**
     * Rows with the columns that show them.
     *
     * @param about what a row is about beside its columns, by name
     */
    private record Table<R extends Record>(
            List<ColumnView> offered, Columns<R> columns, Slice<R> slice, Function<R, Map<String, Object>> about) {

        BalanceTableView view(List<UnitSum> sums) {
            List<Map<String, Object>> rows = columns.values(slice.rows());
            for (int at = 0; at < rows.size(); at++) {
                rows.get(at).putAll(about.apply(slice.rows().get(at)));
            }
            return new BalanceTableView(columns.shown(), offered, rows, slice.total(), sums);
        }
    }

    /** The table for the screen, from a row on. */
    BalanceTableView view(BalanceQuery query, Rows rows, List<String> columns, int from, int size, boolean summed) {
        return table(query, rows, columns, from, size).view(summed ? sums(query) : List.of());
    }

    /** All of it with exact figures. */
    CsvFile csv(String name, BalanceQuery query, Rows rows, List<String> columns) {
        return csv(name, table(query, rows, columns, 0, Integer.MAX_VALUE));
    }

    private static <R extends Record> CsvFile csv(String name, Table<R> table) {
        return table.columns().csv(name, table.slice().rows());
    }

    /** All of it as a workbook. */
    XlsxFile xlsx(String name, BalanceQuery query, Rows rows, List<String> columns) {
        return xlsx(name, table(query, rows, columns, 0, Integer.MAX_VALUE));
    }

    private static <R extends Record> XlsxFile xlsx(String name, Table<R> table) {
        return table.columns().xlsx(name, table.slice().rows());
    }

    private Table<?> table(BalanceQuery query, Rows rows, List<String> columns, int from, int size) {
        return switch (rows) {
            case BALANCE ->
                new Table<>(
                        BalanceRow.COLUMNS.shown(),
                        BalanceRow.COLUMNS.only(columns.isEmpty() ? BalanceRow.USUAL : columns),
                        balances.slice(query, from, size),
                        row -> Map.of("personId", row.personId(), "policyId", row.policyId()));
            case PERSON ->
                new Table<>(
                        BalanceRow.COLUMNS.figures(),
                        sideBySide.columns(query, columns),
                        sideBySide.slice(query, columns, from, size),
                        row -> Map.of("personId", row.personId()));
            case TEAM -> sums("Team", BalanceSum::byTeam, query, columns, from, size);
            case SITE -> sums("Site", BalanceSum::bySite, query, columns, from, size);
            case POLICY -> sums("", BalanceSum::byPolicy, query, columns, from, size);
        };
    }

    private Table<BalanceSum> sums(
            String title,
            Function<List<BalanceRow>, List<BalanceSum>> by,
            BalanceQuery query,
            List<String> columns,
            int from,
            int size) {
        Columns<BalanceSum> offered = BalanceSum.columns(title);
        List<String> figures = columns.isEmpty() ? BalanceRow.USUAL : columns;
        List<String> shown = Stream.concat(
                        BalanceSum.NAMES.stream().filter(offered::orders),
                        figures.stream().filter(BalanceSum::isFigure))
                .toList();
        List<BalanceSum> all =
                offered.inOrder(by.apply(balances.all(query.byPerson())), query.order(), BalanceSum.BY_PLACE);
        return new Table<>(
                offered.shown(),
                offered.only(shown),
                Slice.of(all, from, size),
                row -> Map.of("placeId", row.placeId(), "policyId", row.policyId()));
    }

    private List<UnitSum> sums(BalanceQuery query) {
        Map<Unit, List<BalanceRow>> byUnit = balances.all(query.byPerson()).stream()
                .collect(Collectors.groupingBy(BalanceRow::unit, LinkedHashMap::new, Collectors.toList()));
        return Arrays.stream(Unit.values())
                .filter(byUnit::containsKey)
                .map(unit -> new UnitSum(unit, BalanceRow.COLUMNS.sums(byUnit.get(unit))))
                .toList();
    }
}
