package upahead.server;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.h2.store.fs.FileUtils;
import org.springframework.boot.SpringApplication;
import org.springframework.util.FileSystemUtils;

/**
 * The demo data, lived through once for all tests of all processes and copied for each that wants them. They are kept
 * beside what is built, until the program or the computation changes.
 */
public final class DemoData {

    private static final Path KEPT = project()
            .resolve(Path.of("server", "target", "demo-for-tests"))
            .toAbsolutePath()
            .normalize();

    private static final String FILE = "up-ahead.mv.db";

    private DemoData() {}

    /** Copies the data to a folder, which may be there or not. */
    public static void copyTo(Path folder) {
        try (FileChannel channel = lockFile();
                FileLock alone = channel.lock()) {
            Files.createDirectories(folder);
            for (Path file : files(made())) {
                Files.copy(file, folder.resolve(file.getFileName()));
            }
        } catch (IOException | SQLException failed) {
            throw new IllegalStateException("the demo data cannot be copied to " + folder, failed);
        }
    }

    /** Copies the data for this process alone, to memory or to the server of the tests; where they are to be found. */
    static String copied() {
        return TestDatabases.onServer() ? onServer() : inMemory();
    }

    private static String onServer() {
        try (FileChannel channel = lockFile();
                FileLock alone = channel.lock()) {
            return TestDatabases.demo(made());
        } catch (IOException | SQLException failed) {
            throw new IllegalStateException("the demo data cannot be brought to the server", failed);
        }
    }

    private static String inMemory() {
        String name = "nioMemFS:demo-" + UUID.randomUUID();
        try (FileChannel channel = lockFile();
                FileLock alone = channel.lock();
                OutputStream copy = FileUtils.newOutputStream(name + ".mv.db", false)) {
            Files.copy(made().resolve(FILE), copy);
        } catch (IOException | SQLException failed) {
            throw new IllegalStateException("the demo data cannot be read", failed);
        }
        return "jdbc:h2:" + name;
    }

    /** The folder of all modules: tests run in that of theirs. */
    private static Path project() {
        return Files.isDirectory(Path.of("server")) ? Path.of("") : Path.of("..");
    }

    private static FileChannel lockFile() throws IOException {
        Files.createDirectories(KEPT);
        return FileChannel.open(KEPT.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
    }

    private static Path made() throws IOException, SQLException {
        Path wanted = KEPT.resolve(Contents.ofTheProgram());
        if (!Files.exists(wanted)) {
            removeOlder();
            Path making = Files.createTempDirectory(KEPT, "making");
            // in a thread of its own: the program that a test is about to start would take it for itself
            CompletableFuture.runAsync(() -> live(making)).join();
            compact(making);
            Files.move(making, wanted);
        }
        return wanted;
    }

    private static void live(Path folder) {
        SpringApplication.run(
                        UpAhead.class,
                        "--spring.profiles.active=demo",
                        "--server.port=0",
                        "--upahead.warm-start=false",
                        "--upahead.data=" + folder)
                .close();
    }

    private static void removeOlder() {
        try (Stream<Path> older = Files.list(KEPT)) {
            for (Path each : older.filter(Files::isDirectory).toList()) {
                FileSystemUtils.deleteRecursively(each);
            }
        } catch (IOException inUse) {
            throw new UncheckedIOException(inUse);
        }
    }

    /** A file that has just been filled is ten times as large as what is in it. */
    private static void compact(Path folder) throws SQLException {
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:durable:" + folder.resolve("up-ahead"), "up-ahead", "");
                Statement statement = connection.createStatement()) {
            statement.execute("shutdown compact");
        }
    }

    private static List<Path> files(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(Files::isRegularFile).toList();
        }
    }
}
