package upahead.server.leavers;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.company.AboutPerson;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.sql.DatabaseKind;

/**
 * Removes whatever says who somebody was, from all tables at once, as {@link TextColumns} says for each column. Like a copy
 * of the company it knows tables by what the database says of them.
 */
@Component
class NameRemoval {

    private static final String NO_LONGER_KEPT = "no longer kept";

    private final DataSource database;

    NameRemoval(DataSource database) {
        this.database = database;
    }

    /**
     * Makes people nameless, in the transaction of whoever calls.
     *
     * @param names what each was called and written to, with what they are called from now on, by their ids
     */
    @Transactional(propagation = Propagation.MANDATORY)
    void remove(Map<Long, Names> names) {
        Connection connection = DataSourceUtils.getConnection(database);
        try {
            DatabaseKind kind = DatabaseKind.of(connection);
            Map<String, String> about = AboutPerson.everything(connection);
            removeSentAttachments(connection);
            for (Map.Entry<Long, Names> each : names.entrySet()) {
                removeRows(connection, kind, about, each.getKey());
                emptyTrail(connection, kind, each.getKey());
                emptyWords(connection, kind, about, each.getKey());
            }
            replaceNames(connection, about, names);
            for (Map.Entry<Long, Names> each : names.entrySet()) {
                rename(connection, each.getKey(), each.getValue().instead());
            }
        } catch (SQLException failed) {
            throw new IllegalStateException("a name cannot be removed", failed);
        } finally {
            DataSourceUtils.releaseConnection(connection, database);
        }
    }

    /** What was sent along by mail may name anybody: it goes as well, since it is only what is kept of what was sent. */
    private static void removeSentAttachments(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.executeUpdate("delete from mail_attachment where message_id in"
                    + " (select id from mail_message where sent_at is not null)");
        }
    }

    private static void removeRows(Connection connection, DatabaseKind kind, Map<String, String> about, long personId)
            throws SQLException {
        run(
                connection,
                "delete from mail_attachment where message_id in (select id from mail_message where recipient_id = ?)",
                personId);
        run(connection, "delete from mail_message where recipient_id = ?", personId);
        for (String table : TextColumns.REMOVED_ROWS) {
            run(connection, "delete from " + kind.quoted(table) + " where " + about.get(table), personId);
        }
    }

    /** What things of theirs were and became; who changed them when, and that they were, stays. */
    private static void emptyTrail(Connection connection, DatabaseKind kind, long personId) throws SQLException {
        Map<Thing, String> theirs = Map.of(
                Thing.PERSON, "subject_id = ?",
                Thing.SIGN_IN, "subject_id in (select id from sign_in where person_id = ?)",
                Thing.REQUEST, "subject_id in (select id from leave_request where person_id = ?)");
        for (Map.Entry<Thing, String> each : theirs.entrySet()) {
            run(
                    connection,
                    "update audit_record set before_change = null, after_change = null where subject = '"
                            + each.getKey().words() + "' and " + each.getValue(),
                    personId);
        }
    }

    private static void emptyWords(Connection connection, DatabaseKind kind, Map<String, String> about, long personId)
            throws SQLException {
        Map<String, List<String>> changes = new TreeMap<>();
        TextColumns.REASONS.forEach(column -> add(changes, kind, column, "'" + NO_LONGER_KEPT + "'"));
        TextColumns.NOTES.forEach(column -> add(changes, kind, column, "''"));
        TextColumns.LISTS.forEach(column -> add(changes, kind, column, "'[]'"));
        TextColumns.MISSING.forEach(column -> add(changes, kind, column, "null"));
        for (Map.Entry<String, List<String>> table : changes.entrySet()) {
            run(
                    connection,
                    "update " + kind.quoted(table.getKey()) + " set " + String.join(", ", table.getValue()) + " where "
                            + about.get(table.getKey()),
                    personId);
        }
        run(
                connection,
                "update posted_line set why = 'Adjusted: " + NO_LONGER_KEPT
                        + "' where why like 'Adjusted: %' and person_id = ?",
                personId);
    }

    private static void add(Map<String, List<String>> changes, DatabaseKind kind, String column, String value) {
        changes.computeIfAbsent(table(column), unused -> new ArrayList<>())
                .add(kind.quoted(column(column)) + " = " + value);
    }

    private static void replaceNames(Connection connection, Map<String, String> about, Map<Long, Names> names)
            throws SQLException {
        for (Map.Entry<String, List<String>> table : byTable(TextColumns.NAMED_IN_OWN_ROWS)) {
            for (Map.Entry<Long, Names> each : names.entrySet()) {
                new NamesInTable(connection, table.getKey(), table.getValue())
                        .replace(
                                List.of(each.getValue()),
                                Names::all,
                                about.get(table.getKey()),
                                List.of(each.getKey()));
            }
        }
        for (Map.Entry<String, List<String>> table : byTable(TextColumns.NAMED_ANYWHERE)) {
            new NamesInTable(connection, table.getKey(), table.getValue())
                    .replace(names.values(), Names::ofNobodyElse, null, List.of());
        }
    }

    private static Collection<Map.Entry<String, List<String>>> byTable(Set<String> columns) {
        return columns.stream()
                .collect(Collectors.groupingBy(
                        NameRemoval::table, TreeMap::new, Collectors.mapping(NameRemoval::column, Collectors.toList())))
                .entrySet();
    }

    private static void rename(Connection connection, long personId, String instead) throws SQLException {
        try (PreparedStatement person = connection.prepareStatement("update person set name = ? where id = ?");
                PreparedStatement signIn = connection.prepareStatement(
                        "update sign_in set username = ?, display_name = ? where person_id = ?")) {
            person.setString(1, instead);
            person.setLong(2, personId);
            person.executeUpdate();
            signIn.setString(1, "former-" + personId);
            signIn.setString(2, instead);
            signIn.setLong(3, personId);
            signIn.executeUpdate();
        }
    }

    private static void run(Connection connection, String change, long personId) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement(change)) {
            statement.setLong(1, personId);
            statement.executeUpdate();
        }
    }

    private static String table(String column) {
        return column.substring(0, column.indexOf('.'));
    }

    private static String column(String column) {
        return column.substring(column.indexOf('.') + 1);
    }
}
