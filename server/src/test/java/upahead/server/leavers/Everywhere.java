package upahead.server.leavers;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import upahead.server.company.Tables;

/** Looks through every table there is, in every column. */
final class Everywhere {

    private static final Set<String> OF_THE_PROGRAM =
            Set.of("flyway_schema_history", "spring_session", "spring_session_attributes", "shedlock", "work_progress");

    private Everywhere() {}

    /** The columns that can hold words or bytes, each with its table. */
    static Set<String> columnsOfWords(JdbcTemplate sql) {
        return sql.execute((ConnectionCallback<Set<String>>) connection -> {
            Set<String> found = new TreeSet<>();
            for (Map.Entry<String, List<String>> table :
                    Tables.everything(connection).entrySet()) {
                if (!OF_THE_PROGRAM.contains(table.getKey()) && !table.getKey().equals("try_count")) {
                    read(connection, table.getKey(), "where 1 = 0", row -> {
                        for (int at = 1; at <= row.getMetaData().getColumnCount(); at++) {
                            String type = row.getMetaData().getColumnClassName(at);
                            if (!type.matches(".*(Long|Integer|BigDecimal|Boolean|Date|Time|Timestamp)$")) {
                                found.add(table.getKey() + "."
                                        + row.getMetaData().getColumnName(at).toLowerCase(Locale.ROOT));
                            }
                        }
                    });
                }
            }
            return found;
        });
    }

    /** Where words stand anywhere in the database. */
    static Set<String> find(JdbcTemplate sql, String words) {
        return sql.execute((ConnectionCallback<Set<String>>) connection -> {
            Set<String> found = new TreeSet<>();
            for (String table : Tables.everything(connection).keySet()) {
                read(connection, table, "", row -> {
                    while (row.next()) {
                        for (int at = 1; at <= row.getMetaData().getColumnCount(); at++) {
                            String cell = row.getString(at);
                            if (cell != null && cell.toLowerCase(Locale.ROOT).contains(words)) {
                                found.add(table + "." + row.getMetaData().getColumnName(at) + ": " + cell);
                            }
                        }
                    }
                });
            }
            return found;
        });
    }

    private interface Reading {
        void read(ResultSet rows) throws SQLException;
    }

    private static void read(Connection connection, String table, String condition, Reading reading)
            throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("select * from " + table + " " + condition)) {
            reading.read(rows);
        }
    }
}
