package upahead.server.leavers;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import upahead.server.company.Tables;
import upahead.server.platform.sql.DatabaseKind;

/** Finds names in some columns of one table, and puts others in their place. */
final class NamesInTable {

    private static final int ROWS_AT_ONCE = 1_000;

    private final Connection connection;
    private final DatabaseKind kind;
    private final String table;
    private final List<String> columns;
    private final List<String> key;
    private final List<Integer> sizes;

    NamesInTable(Connection connection, String table, List<String> columns) throws SQLException {
        this.connection = connection;
        this.kind = DatabaseKind.of(connection);
        this.table = table;
        this.columns = columns;
        this.key = Tables.key(connection, table);
        this.sizes = sizes();
    }

    /** A row in which something was found. */
    private record Found(List<Object> key, List<String> texts) {}

    /**
     * Replaces names.
     *
     * @param people whose
     * @param wanted which of theirs
     * @param condition of the rows, with one slot for each of its values; null for all rows
     */
    void replace(Collection<Names> people, Function<Names, List<String>> wanted, String condition, List<Object> values)
            throws SQLException {
        List<String> sought =
                people.stream().flatMap(names -> wanted.apply(names).stream()).toList();
        if (sought.isEmpty()) {
            return;
        }
        String change = "update " + kind.quoted(table) + " set "
                + columns.stream().map(column -> kind.quoted(column) + " = ?").collect(Collectors.joining(", "))
                + " where "
                + key.stream().map(column -> kind.quoted(column) + " = ?").collect(Collectors.joining(" and "));
        List<Found> found = find(sought, condition, values);
        try (PreparedStatement statement = connection.prepareStatement(change)) {
            for (Found row : found) {
                int at = 1;
                for (int column = 0; column < columns.size(); column++) {
                    statement.setString(at++, replaced(row.texts().get(column), people, wanted, column));
                }
                for (Object part : row.key()) {
                    statement.setObject(at++, part);
                }
                statement.addBatch();
            }
            if (!found.isEmpty()) {
                statement.executeBatch();
            }
        }
    }

    private List<Found> find(List<String> sought, String condition, List<Object> values) throws SQLException {
        String each = columns.stream()
                .map(column -> "lower(" + kind.quoted(column) + ") like ? escape '!'")
                .collect(Collectors.joining(" or "));
        String anyOfThem = Collections.nCopies(sought.size(), each).stream().collect(Collectors.joining(" or "));
        List<String> read = new ArrayList<>(key);
        read.addAll(columns);
        String select = "select " + read.stream().map(kind::quoted).collect(Collectors.joining(", ")) + " from "
                + kind.quoted(table) + " where " + (condition == null ? "" : condition + " and ") + "(" + anyOfThem
                + ")";
        List<Found> found = new ArrayList<>();
        try (PreparedStatement statement = connection.prepareStatement(select)) {
            statement.setFetchSize(ROWS_AT_ONCE);
            int at = 1;
            for (Object value : values) {
                statement.setObject(at++, value);
            }
            for (String name : sought) {
                for (int column = 0; column < columns.size(); column++) {
                    statement.setString(
                            at++, "%" + name.toLowerCase(Locale.ROOT).replaceAll("([!%_])", "!$1") + "%");
                }
            }
            try (ResultSet rows = statement.executeQuery()) {
                while (rows.next()) {
                    found.add(row(rows));
                }
            }
        }
        return found;
    }

    private Found row(ResultSet row) throws SQLException {
        List<Object> keys = new ArrayList<>();
        for (int at = 1; at <= key.size(); at++) {
            keys.add(row.getObject(at));
        }
        List<String> texts = new ArrayList<>();
        for (int at = 1; at <= columns.size(); at++) {
            texts.add(row.getString(key.size() + at));
        }
        return new Found(keys, texts);
    }

    private String replaced(String text, Collection<Names> people, Function<Names, List<String>> wanted, int column) {
        if (text == null) {
            return null;
        }
        String replaced = text;
        for (Names names : people) {
            replaced = Names.replace(replaced, wanted.apply(names), names.instead());
        }
        int longest = Math.max(text.length(), sizes.get(column));
        return replaced.length() > longest ? replaced.substring(0, longest) : replaced;
    }

    private List<Integer> sizes() throws SQLException {
        List<Integer> sizes = new ArrayList<>();
        for (String column : columns) {
            try (ResultSet described =
                    connection.getMetaData().getColumns(null, kind.schema(), kind.name(table), kind.name(column))) {
                described.next();
                sizes.add(described.getInt("COLUMN_SIZE"));
            }
        }
        return sizes;
    }
}
