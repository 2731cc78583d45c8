package upahead.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Comparator;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.server.UpAhead;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;

/** The whole program, just started, with an empty database: in a file, or on a server where one is named. */
final class FreshProgram {

    private static final SignedIn PAYROLL = new SignedIn(0, "bench", "Bench", Role.ADMINISTRATOR, null);

    /** The address of any database of a server on which others may be made; null for a file. */
    private static final String SERVER = System.getenv("UP_AHEAD_BENCH_SERVER");

    private FreshProgram() {}

    /** Where the data of a measurement are. */
    static String place() {
        return SERVER == null ? "in a file" : "on a server";
    }

    /** Does something with it as an administrator, and leaves nothing behind. */
    static <T> T measure(Function<ConfigurableApplicationContext, T> work) throws IOException {
        Path data = Files.createTempDirectory("up-ahead-bench");
        String database = "bench_" + data.getFileName();
        try {
            if (SERVER == null) {
                return on(data, work);
            }
            onServer("create database \"" + database + "\"");
            return on(data, work, "--spring.datasource.url=" + SERVER.replaceAll("/[^/]*$", "/" + database));
        } finally {
            if (SERVER != null) {
                onServer("drop database if exists \"" + database + "\"");
            }
            delete(data);
        }
    }

    private static void onServer(String statement) {
        try (Connection connection = DriverManager.getConnection(SERVER);
                Statement doing = connection.createStatement()) {
            doing.execute(statement);
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    /** Does something with the program started on some data, as an administrator. */
    static <T> T on(Path data, Function<ConfigurableApplicationContext, T> work, String... more) {
        String[] usual = {
            "--server.port=0", "--upahead.data=" + data, "--spring.main.banner-mode=off", "--logging.level.root=ERROR"
        };
        try (ConfigurableApplicationContext program =
                UpAhead.start(Stream.concat(Stream.of(usual), Stream.of(more)).toArray(String[]::new))) {
            return program.getBean(CurrentUser.class).actAs(PAYROLL, () -> work.apply(program));
        }
    }

    /** Deletes a folder with all that is in it. */
    static void delete(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        }
    }
}
