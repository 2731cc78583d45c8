package upahead.server.company;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** What the database says of its own tables. */
final class Tables {

    private static final String SCHEMA = "PUBLIC";

    private Tables() {}

    /** The columns of each of the company's tables, by its name, in order. */
    static Map<String, List<String>> ofCompany(Connection connection) throws SQLException {
        DatabaseMetaData data = connection.getMetaData();
        Map<String, List<String>> tables = new TreeMap<>();
        try (ResultSet columns = data.getColumns(null, SCHEMA, "%", "%")) {
            while (columns.next()) {
                String table = columns.getString("TABLE_NAME").toLowerCase(Locale.ROOT);
                if (!CompanyFile.LEFT_OUT.contains(table)) {
                    tables.computeIfAbsent(table, name -> new ArrayList<>())
                            .add(columns.getString("COLUMN_NAME").toLowerCase(Locale.ROOT));
                }
            }
        }
        return tables;
    }

    /** The columns of a table's primary key, in order; none where it has no such key. */
    static List<String> key(Connection connection, String table) throws SQLException {
        Map<Integer, String> key = new TreeMap<>();
        try (ResultSet columns =
                connection.getMetaData().getPrimaryKeys(null, SCHEMA, table.toUpperCase(Locale.ROOT))) {
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
        try (ResultSet columns =
                connection.getMetaData().getColumns(null, SCHEMA, table.toUpperCase(Locale.ROOT), "ID")) {
            return columns.next() && "YES".equals(columns.getString("IS_AUTOINCREMENT"));
        }
    }

    static String quoted(String name) {
        return '"' + name.toUpperCase(Locale.ROOT) + '"';
    }
}
