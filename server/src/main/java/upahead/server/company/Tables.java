package upahead.server.company;

import java.io.IOException;
import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import upahead.server.platform.sql.DatabaseKind;

/** What the database says of its own tables. */
public final class Tables {

    private static final int ROWS_AT_ONCE = 1_000;

    private Tables() {}

    /** The columns of each table, by its name, in order; without the record of the scripts. */
    public static Map<String, List<String>> everything(Connection connection) throws SQLException {
        return without(connection, CompanyFile.NEVER_WRITTEN);
    }

    /** The columns of each table that is not among those left out, by its name, in order. */
    static Map<String, List<String>> without(Connection connection, Set<String> leftOut) throws SQLException {
        DatabaseKind kind = DatabaseKind.of(connection);
        DatabaseMetaData data = connection.getMetaData();
        Map<String, List<String>> tables = new TreeMap<>();
        try (ResultSet columns = data.getColumns(null, kind.schema(), "%", "%")) {
            while (columns.next()) {
                String table = columns.getString("TABLE_NAME").toLowerCase(Locale.ROOT);
                if (!leftOut.contains(table)) {
                    tables.computeIfAbsent(table, name -> new ArrayList<>())
                            .add(columns.getString("COLUMN_NAME").toLowerCase(Locale.ROOT));
                }
            }
        }
        return tables;
    }

    /** The names of all tables there are, as the database writes them. */
    static List<String> all(Connection connection) throws SQLException {
        List<String> names = new ArrayList<>();
        try (ResultSet tables = connection
                .getMetaData()
                .getTables(null, DatabaseKind.of(connection).schema(), "%", new String[] {"TABLE", "BASE TABLE"})) {
            while (tables.next()) {
                names.add(tables.getString("TABLE_NAME"));
            }
        }
        return names;
    }

    /** The columns of a table's primary key, in order; none where it has no such key. */
    public static List<String> key(Connection connection, String table) throws SQLException {
        DatabaseKind kind = DatabaseKind.of(connection);
        Map<Integer, String> key = new TreeMap<>();
        try (ResultSet columns = connection.getMetaData().getPrimaryKeys(null, kind.schema(), kind.name(table))) {
            while (columns.next()) {
                key.put(
                        columns.getInt("KEY_SEQ"),
                        columns.getString("COLUMN_NAME").toLowerCase(Locale.ROOT));
            }
        }
        return List.copyOf(key.values());
    }

    /** Whether a table numbers its rows by itself. */
    static boolean isNumbered(Connection connection, String table) throws SQLException {
        DatabaseKind kind = DatabaseKind.of(connection);
        try (ResultSet columns =
                connection.getMetaData().getColumns(null, kind.schema(), kind.name(table), kind.name("id"))) {
            return columns.next() && "YES".equals(columns.getString("IS_AUTOINCREMENT"));
        }
    }

    /** Takes a row, its values as texts. */
    interface Row {
        void take(List<String> cells) throws SQLException, IOException;
    }

    /** Reads a table row by row, in the order of its key. */
    static void read(Connection connection, String table, List<String> columns, Row row)
            throws SQLException, IOException {
        String select = Filling.select(DatabaseKind.of(connection), table, columns, key(connection, table));
        try (Statement statement = connection.createStatement()) {
            statement.setFetchSize(ROWS_AT_ONCE);
            try (ResultSet all = statement.executeQuery(select)) {
                while (all.next()) {
                    List<String> cells = new ArrayList<>();
                    for (int at = 1; at <= columns.size(); at++) {
                        cells.add(Cells.text(all.getObject(at)));
                    }
                    row.take(cells);
                }
            }
        }
    }
}
