package upahead.server;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.springframework.boot.SpringApplication;

/** Where tests find a database: in memory, or on a server where one was started for them. */
public final class TestDatabases {

    /** Marks tests that run in memory and once more on the server. */
    public static final String ON_BOTH = "database";

    /** Marks tests that there are for a server alone. */
    public static final String ON_SERVER = "server";

    /** The address of any database of a server whose role {@code up-ahead} may make others; empty for none. */
    private static final Optional<String> SERVER =
            Optional.ofNullable(System.getenv("UP_AHEAD_TEST_SERVER")).filter(address -> !address.isBlank());

    private static final String ROLE = "up-ahead";

    private TestDatabases() {}

    /** Whether a server was started for these tests. */
    public static boolean onServer() {
        return SERVER.isPresent();
    }

    /** The address of a new database with nothing in it. */
    public static String empty() {
        return SERVER.isPresent() ? made("empty_", "") : "jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1";
    }

    /**
     * The address of a copy of the demo data on the server.
     *
     * @param kept the folder with their file; its name changes with what the program makes of them
     */
    static String demo(Path kept) throws SQLException {
        String template = "template_" + kept.getFileName();
        if (!isThere(template)) {
            execute("create database \"" + template + "\"");
            // in a thread of its own: the program that a test is about to start would take it for itself
            CompletableFuture.runAsync(() -> move(kept, address(template))).join();
        }
        return made("demo_", " template \"" + template + "\"");
    }

    private static void move(Path kept, String to) {
        SpringApplication.run(
                        UpAhead.class,
                        "--server.port=0",
                        "--upahead.warm-start=false",
                        "--upahead.move-from=" + kept,
                        "--spring.datasource.url=" + to)
                .close();
    }

    private static String made(String beginning, String how) {
        String name = beginning + UUID.randomUUID();
        execute("create database \"" + name + "\"" + how);
        return address(name);
    }

    private static boolean isThere(String name) throws SQLException {
        try (Connection connection = DriverManager.getConnection(SERVER.orElseThrow(), ROLE, "");
                Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery("select 1 from pg_database where datname = '" + name + "'")) {
            return found.next();
        }
    }

    private static String address(String name) {
        return SERVER.orElseThrow().replaceAll("/[^/]*$", "/" + name);
    }

    private static void execute(String statement) {
        try (Connection connection = DriverManager.getConnection(SERVER.orElseThrow(), ROLE, "");
                Statement making = connection.createStatement()) {
            making.execute(statement);
        } catch (SQLException failed) {
            throw new IllegalStateException("the server for tests refuses: " + statement, failed);
        }
    }
}
