package upahead.server.reports;

import java.util.List;
import java.util.Map;
import upahead.server.platform.tables.ColumnView;

/**
 * A report as a page shows it.
 *
 * @param rows each with a value for the key of every column, null where there is none
 */
record ReportView(List<ColumnView> columns, List<Map<String, Object>> rows) {}
