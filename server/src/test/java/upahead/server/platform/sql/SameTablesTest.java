package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import upahead.server.TestDatabases;

/** The scripts of a server make the same tables as those of a file made over time. */
@Tag(TestDatabases.ON_SERVER)
class SameTablesTest {

    private static final String USER = "up-ahead";
    private static final Map<Integer, Integer> ALIKE = Map.of(
            Types.BLOB,
            Types.BINARY,
            Types.VARBINARY,
            Types.BINARY,
            Types.BIT,
            Types.BOOLEAN,
            Types.NUMERIC,
            Types.DECIMAL);
    private static final Set<Integer> WITH_SIZE = Set.of(Types.VARCHAR, Types.DECIMAL);

    /** What a database calls something that was given no name. */
    private static final String WITHOUT_NAME = "constraint_|primary_key_|.*_index_.*";

    /** Questions to a database about its tables. */
    private interface Question {
        ResultSet ask(DatabaseMetaData data, String schema, String table) throws SQLException;
    }

    /** What one row of an answer says. */
    private interface Told {
        String of(ResultSet row) throws SQLException;
    }

    @Test
    void haveTheSameColumnsKeysReferencesAndIndexes() throws SQLException {
        String file = "jdbc:h2:mem:same-tables;DB_CLOSE_DELAY=-1";
        String server = TestDatabases.empty();
        migrate(file);
        migrate(server);
        try (Connection ofFile = DriverManager.getConnection(file, USER, "");
                Connection ofServer = DriverManager.getConnection(server, USER, "")) {
            assertThat(columns(ofServer)).isEqualTo(columns(ofFile)).hasSizeGreaterThan(500);
            assertThat(keys(ofServer)).isEqualTo(keys(ofFile)).hasSizeGreaterThan(70);
            assertThat(references(ofServer)).isEqualTo(references(ofFile)).hasSizeGreaterThan(70);
            assertThat(indexes(ofServer, true)).isEqualTo(indexes(ofFile, true));
            assertThat(indexes(ofServer, false)).containsAll(indexes(ofFile, false));
        }
    }

    private void migrate(String url) {
        new Scripts(new DriverManagerDataSource(url, USER, ""), DatabaseKind.at(url))
                .flyway()
                .migrate();
    }

    private static Set<String> columns(Connection connection) throws SQLException {
        return told(connection, (data, schema, table) -> data.getColumns(null, schema, table, "%"), row -> {
            int type = ALIKE.getOrDefault(row.getInt("DATA_TYPE"), row.getInt("DATA_TYPE"));
            return String.join(
                    " ",
                    row.getString("TABLE_NAME"),
                    row.getString("ORDINAL_POSITION"),
                    row.getString("COLUMN_NAME"),
                    String.valueOf(type),
                    WITH_SIZE.contains(type) ? row.getString("COLUMN_SIZE") + ',' + row.getInt("DECIMAL_DIGITS") : "",
                    row.getString("IS_NULLABLE"),
                    row.getString("IS_AUTOINCREMENT"),
                    row.getString("COLUMN_DEF") == null || "YES".equals(row.getString("IS_AUTOINCREMENT"))
                            ? ""
                            : row.getString("COLUMN_DEF").replaceAll("::.*", ""));
        });
    }

    private static Set<String> keys(Connection connection) throws SQLException {
        return told(
                connection,
                (data, schema, table) -> data.getPrimaryKeys(null, schema, table),
                row -> row.getString("TABLE_NAME")
                        + ' '
                        + row.getString("KEY_SEQ")
                        + ' '
                        + row.getString("COLUMN_NAME"));
    }

    private static Set<String> references(Connection connection) throws SQLException {
        return told(
                connection,
                (data, schema, table) -> data.getImportedKeys(null, schema, table),
                row -> row.getString("FKTABLE_NAME") + ' ' + row.getString("FKCOLUMN_NAME") + " to "
                        + row.getString("PKTABLE_NAME") + ' ' + row.getString("PKCOLUMN_NAME") + ' '
                        + (row.getInt("DELETE_RULE") == DatabaseMetaData.importedKeyCascade ? "cascade" : ""));
    }

    /** By table and columns; of those that are not unique the ones that a script gave a name. */
    private static Set<String> indexes(Connection connection, boolean unique) throws SQLException {
        Map<String, Map<Integer, String>> byName = new TreeMap<>();
        told(connection, (data, schema, table) -> data.getIndexInfo(null, schema, table, unique, true), row -> {
            String name = String.valueOf(row.getString("INDEX_NAME")).toLowerCase(Locale.ROOT);
            boolean wanted = unique
                    ? !row.getBoolean("NON_UNIQUE")
                    : row.getBoolean("NON_UNIQUE") && !name.matches("(" + WITHOUT_NAME + ").*");
            if (wanted && row.getString("COLUMN_NAME") != null) {
                byName.computeIfAbsent(row.getString("TABLE_NAME") + ' ' + name, each -> new TreeMap<>())
                        .put(row.getInt("ORDINAL_POSITION"), row.getString("COLUMN_NAME"));
            }
            return "";
        });
        return byName.entrySet().stream()
                .map(each -> each.getKey().split(" ")[0] + ' ' + each.getValue().values())
                .map(each -> each.toLowerCase(Locale.ROOT).replace("\"", ""))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Set<String> told(Connection connection, Question question, Told told) throws SQLException {
        DatabaseKind kind = DatabaseKind.of(connection);
        Set<String> all = new TreeSet<>();
        DatabaseMetaData data = connection.getMetaData();
        try (ResultSet tables = data.getTables(null, kind.schema(), "%", new String[] {"TABLE", "BASE TABLE"})) {
            while (tables.next()) {
                String table = tables.getString("TABLE_NAME");
                if (!table.startsWith("flyway")) {
                    try (ResultSet rows = question.ask(data, kind.schema(), table)) {
                        while (rows.next()) {
                            all.add(told.of(rows).toLowerCase(Locale.ROOT).strip());
                        }
                    }
                }
            }
        }
        return all;
    }
}
