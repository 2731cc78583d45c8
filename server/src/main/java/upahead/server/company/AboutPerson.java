package upahead.server.company;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import upahead.server.platform.sql.DatabaseKind;

/**
 * Which rows of the database are about a person: those that name them as their person, and those that belong to such rows.
 * It is asked of the database itself, so that a new table is in it from its first day. Where somebody is named in what is
 * about another, as an approver is, that is not about them.
 */
public final class AboutPerson {

    private static final String PERSON = "person";
    private static final String PERSON_ID = "person_id";
    private static final String ID = "id";

    /** Secrets and keys, which say nothing about anybody. */
    private static final Set<String> NOT_TOLD =
            Set.of("second_step", "recovery_code", "password_link", "program_token", "provider_identity", "feed");

    private static final Set<String> SECRET_COLUMNS = Set.of("password_hash", "token_hash", "secret", "token");

    private final Connection connection;
    private final DatabaseKind kind;
    private final Set<String> except;

    private AboutPerson(Connection connection, Set<String> except) throws SQLException {
        this.connection = connection;
        this.kind = DatabaseKind.of(connection);
        this.except = except;
    }

    /** The conditions for all that is about somebody, secrets as well; each has one slot, for the person's number. */
    public static Map<String, String> everything(Connection connection) throws SQLException {
        return new AboutPerson(connection, Set.of()).conditions();
    }

    /** The same for what somebody is told who asks. */
    static Map<String, String> told(Connection connection) throws SQLException {
        return new AboutPerson(connection, NOT_TOLD).conditions();
    }

    /** A reference from a column of a table to another table. */
    private record Reference(String column, String to) {}

    private Map<String, String> conditions() throws SQLException {
        Map<String, List<String>> tables = Tables.without(connection, CompanyFile.NEVER_WRITTEN);
        Map<String, String> found = new LinkedHashMap<>();
        found.put(PERSON, kind.quoted(ID) + " = ?");
        tables.forEach((table, columns) -> {
            if (!table.equals(PERSON) && columns.contains(PERSON_ID) && !except.contains(table)) {
                found.put(table, kind.quoted(PERSON_ID) + " = ?");
            }
        });
        Map<String, List<Reference>> references = references(tables.keySet());
        boolean more = true;
        while (more) {
            more = false;
            for (Map.Entry<String, List<Reference>> table : references.entrySet()) {
                if (!found.containsKey(table.getKey()) && !except.contains(table.getKey())) {
                    for (Reference reference : table.getValue()) {
                        if (!reference.to().equals(PERSON) && found.containsKey(reference.to())) {
                            found.putIfAbsent(table.getKey(), belongsTo(reference, found.get(reference.to())));
                            more = true;
                        }
                    }
                }
            }
        }
        return new TreeMap<>(found);
    }

    /** The columns of a table that are told. */
    static List<String> told(List<String> columns) {
        return columns.stream()
                .filter(column -> !SECRET_COLUMNS.contains(column))
                .toList();
    }

    private String belongsTo(Reference reference, String condition) {
        return kind.quoted(reference.column()) + " in (select " + kind.quoted(ID) + " from "
                + kind.quoted(reference.to()) + " where " + condition + ")";
    }

    /** What belongs to rows with a number of their own. */
    private Map<String, List<Reference>> references(Set<String> tables) throws SQLException {
        DatabaseMetaData data = connection.getMetaData();
        Map<String, List<Reference>> all = new TreeMap<>();
        for (String table : tables) {
            try (ResultSet keys = data.getImportedKeys(null, kind.schema(), kind.name(table))) {
                while (keys.next()) {
                    if (keys.getString("PKCOLUMN_NAME").equalsIgnoreCase(ID)) {
                        all.computeIfAbsent(table, unused -> new ArrayList<>())
                                .add(new Reference(
                                        keys.getString("FKCOLUMN_NAME").toLowerCase(Locale.ROOT),
                                        keys.getString("PKTABLE_NAME").toLowerCase(Locale.ROOT)));
                    }
                }
            }
        }
        return all;
    }
}
