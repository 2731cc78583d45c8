package upahead.server.reports;

import java.util.List;
import upahead.server.platform.files.CsvFile;
import upahead.server.platform.files.XlsxFile;
import upahead.server.platform.tables.Columns;

/** The rows of a report with the columns that show them. */
record ReportTable<R extends Record>(Columns<R> columns, List<R> rows) {

    CsvFile csv(String name) {
        return columns.csv(name, rows);
    }

    XlsxFile xlsx(String name) {
        return columns.xlsx(name, rows);
    }

    ReportView view() {
        return new ReportView(columns.shown(), columns.values(rows));
    }
}
