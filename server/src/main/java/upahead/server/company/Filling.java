package upahead.server.company;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Collection;
import java.util.List;
import java.util.stream.Collectors;
import upahead.server.platform.sql.DatabaseKind;

/** Fills the tables of a company that nobody uses yet: rows may come before those that they refer to. */
final class Filling {

    private final Connection connection;
    private final DatabaseKind kind;

    private Filling(Connection connection) throws SQLException {
        this.connection = connection;
        this.kind = DatabaseKind.of(connection);
    }

    /** Begins; what is filled counts once it is finished. */
    static Filling begin(Connection connection) throws SQLException {
        Filling filling = new Filling(connection);
        connection.setAutoCommit(false);
        filling.execute(filling.kind.deferReferences());
        return filling;
    }

    DatabaseKind kind() {
        return kind;
    }

    /** Takes away what the scripts put into a table. */
    void empty(String table) throws SQLException {
        execute("delete from " + kind.quoted(table));
    }

    /** A statement that inserts a row; its values are in the order of the columns. */
    PreparedStatement insert(String table, List<String> columns) throws SQLException {
        String slots = columns.stream().map(column -> "?").collect(Collectors.joining(", "));
        return connection.prepareStatement(
                "insert into " + kind.quoted(table) + " (" + listed(kind, columns) + ") values (" + slots + ")");
    }

    /** A statement that reads a table, in the order of its key. */
    static String select(DatabaseKind kind, String table, List<String> columns, List<String> key) {
        String order = key.isEmpty() ? "" : " order by " + listed(kind, key);
        return "select " + listed(kind, columns) + " from " + kind.quoted(table) + order;
    }

    private static String listed(DatabaseKind kind, List<String> columns) {
        return columns.stream().map(kind::quoted).collect(Collectors.joining(", "));
    }

    /**
     * Makes sure that whatever a row refers to is there, and goes on numbering after the highest number.
     *
     * @throws SQLException if something referred to is missing
     */
    void finish(Collection<String> tables) throws SQLException {
        for (String table : tables) {
            execute(kind.checkReferences(table));
            if (Tables.isNumbered(connection, table)) {
                execute("alter table " + kind.quoted(table) + " alter column " + kind.quoted("id") + " restart with "
                        + (highest(table) + 1));
            }
        }
        execute(kind.referencesAsUsual());
        connection.commit();
    }

    private long highest(String table) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet highest = statement.executeQuery("select coalesce(max(id), 0) from " + kind.quoted(table))) {
            highest.next();
            return highest.getLong(1);
        }
    }

    private void execute(String what) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(what);
        }
    }
}
