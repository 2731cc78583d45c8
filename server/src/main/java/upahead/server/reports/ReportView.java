package upahead.server.reports;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Map;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.platform.tables.ColumnView;

/**
 * Some rows of a report as a page shows them.
 *
 * @param rows each with a value for the key of every column, null where there is none
 * @param total how many rows there are
 * @param cut whether there are more, which only files have
 * @param sums of all rows, of what is counted in one unit by itself
 * @param perPerson whether a workbook can have a sheet for each person
 */
record ReportView(
        List<ColumnView> columns,
        List<Map<String, Object>> rows,
        int total,
        boolean cut,
        List<ReportSum> sums,
        boolean perPerson) {

    /**
     * The sums of what is counted in one unit, by the keys of the columns.
     *
     * @param unit null where the report has none
     */
    record ReportSum(@Nullable Unit unit, Map<String, Amount> figures) {}
}
