package upahead.server.platform.tables;

import java.util.List;

/**
 * Some rows of a table with the columns that show them.
 *
 * @param total how many there are altogether
 */
public record TablePage<T>(List<ColumnView> columns, List<T> items, int total) {

    /** All the rows there are. */
    public static <R extends Record> TablePage<R> all(Columns<R> columns, List<R> rows) {
        return new TablePage<>(columns.shown(), rows, rows.size());
    }
}
