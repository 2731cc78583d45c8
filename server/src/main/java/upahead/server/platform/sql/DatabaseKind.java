package upahead.server.platform.sql;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Types;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import org.jooq.conf.RenderNameCase;
import org.jooq.conf.Settings;

/**
 * The databases that keep a company's data, and the one place for what only one of them understands. Everything else is
 * said so that both do.
 */
public enum DatabaseKind {

    /** H2, in a file beside the program or in memory. */
    FILE("PUBLIC", List.of("classpath:db/migration", "classpath:db/shared")) {
        @Override
        public String name(String name) {
            return name.toUpperCase(Locale.ROOT);
        }

        @Override
        public String waitForLocks(Duration longest) {
            return "set lock_timeout " + longest.toMillis();
        }

        @Override
        public String deferReferences() {
            return "set referential_integrity false";
        }

        @Override
        public String checkReferences(String table) {
            return "alter table " + quoted(table) + " set referential_integrity true check";
        }

        @Override
        public String referencesAsUsual() {
            return "set referential_integrity true";
        }

        @Override
        public void bindText(PreparedStatement statement, int at, String text) throws SQLException {
            statement.setString(at, text);
        }

        @Override
        public List<String> forgetAll(List<String> tables) {
            return List.of("drop all objects delete files");
        }
    },

    /** PostgreSQL, on a server that several programs share. */
    SERVER("public", List.of("classpath:postgresql", "classpath:db/shared")) {
        @Override
        public String name(String name) {
            return name.toLowerCase(Locale.ROOT);
        }

        @Override
        public String waitForLocks(Duration longest) {
            return "set lock_timeout to " + longest.toMillis();
        }

        @Override
        public String deferReferences() {
            return "set constraints all deferred";
        }

        /** All of them at once, whatever table: the first call tells. */
        @Override
        public String checkReferences(String table) {
            return "set constraints all immediate";
        }

        @Override
        public String referencesAsUsual() {
            return "set constraints all immediate";
        }

        /** As an unknown value, of which the server makes what the column is. */
        @Override
        public void bindText(PreparedStatement statement, int at, String text) throws SQLException {
            statement.setObject(at, text, Types.OTHER);
        }

        @Override
        public List<String> forgetAll(List<String> tables) {
            return tables.stream()
                    .map(table -> "drop table if exists \"" + table + "\" cascade")
                    .toList();
        }
    };

    private static final String SERVER_ADDRESS = "jdbc:postgresql:";

    private final String schema;
    private final List<String> migrations;

    DatabaseKind(String schema, List<String> migrations) {
        this.schema = schema;
        this.migrations = migrations;
    }

    /** By the address that a connection is made to, which begins with {@code jdbc:}. */
    public static DatabaseKind at(String address) {
        return address.startsWith(SERVER_ADDRESS) ? SERVER : FILE;
    }

    /** Of what a connection leads to. */
    public static DatabaseKind of(Connection connection) throws SQLException {
        return at(connection.getMetaData().getURL());
    }

    /** The schema in which the tables lie. */
    public String schema() {
        return schema;
    }

    /** Where the scripts lie that make the tables. */
    List<String> migrations() {
        return migrations;
    }

    /** Whether there may be data of versions from before there were servers, which Java code brings up to date. */
    boolean hasEarlierData() {
        return this == FILE;
    }

    /** How statements are written that name tables and columns in capital letters. */
    Settings settings() {
        return this == FILE ? new Settings() : new Settings().withRenderNameCase(RenderNameCase.LOWER);
    }

    /** The name of a table or column as the database keeps it. */
    public abstract String name(String name);

    /** The same in quotes. */
    public String quoted(String name) {
        return '"' + name(name) + '"';
    }

    /** How long a connection waits for a lock before it gives up. */
    abstract String waitForLocks(Duration longest);

    /** Lets rows come before those that they refer to, until the references are checked. */
    public abstract String deferReferences();

    /** Fails where a row of a table refers to one that is not there. */
    public abstract String checkReferences(String table);

    /** After all were checked. */
    public abstract String referencesAsUsual();

    /** Binds a text to a column of any type. */
    public abstract void bindText(PreparedStatement statement, int at, String text) throws SQLException;

    /** The statement that copies a file in use into a zip, as it is at one moment. */
    String copyTo(Path zip) {
        return "backup to '" + zip.toString().replace("'", "''") + "'";
    }

    /**
     * The statements that leave nothing of what was made for one company.
     *
     * @param tables all that there are, as the database names them
     */
    public abstract List<String> forgetAll(List<String> tables);
}
