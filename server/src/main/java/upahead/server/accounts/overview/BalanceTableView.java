package upahead.server.accounts.overview;

import java.util.List;
import java.util.Map;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.platform.tables.ColumnView;

/**
 * Some rows of balances as a page shows them.
 *
 * @param columns shown, from left to right
 * @param offered all that could be shown
 * @param rows each with a value for the key of every column, null where there is none, and with the {@code personId},
 *     {@code policyId} or {@code placeId} that it is about
 * @param total how many rows there are
 * @param sums of all rows, of each unit by itself; none where they were not asked for
 */
record BalanceTableView(
        List<ColumnView> columns,
        List<ColumnView> offered,
        List<Map<String, Object>> rows,
        int total,
        List<UnitSum> sums) {

    /** The sums of what is counted in one unit, by the keys of the columns. */
    record UnitSum(Unit unit, Map<String, Amount> figures) {}
}
