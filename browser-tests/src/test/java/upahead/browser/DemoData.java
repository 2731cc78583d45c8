package upahead.browser;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import upahead.server.UpAhead;

/** The demo data, lived through once for all tests and copied for each that wants them. */
final class DemoData {

    private static final Path ONCE = Path.of("target", "demo-data").toAbsolutePath();

    private DemoData() {}

    /** Copies the data to a folder, which may be there or not. */
    static synchronized void copyTo(Path folder) {
        try {
            if (!isOfThisProgram()) {
                make();
            }
            Files.createDirectories(folder);
            for (Path file : files()) {
                Files.copy(file, folder.resolve(file.getFileName()));
            }
        } catch (IOException | URISyntaxException failed) {
            throw new IllegalStateException("the demo data cannot be copied to " + folder, failed);
        }
    }

    private static boolean isOfThisProgram() throws IOException, URISyntaxException {
        Path program = Path.of(UpAhead.class
                .getProtectionDomain()
                .getCodeSource()
                .getLocation()
                .toURI());
        return Files.exists(ONCE) && Files.getLastModifiedTime(ONCE).compareTo(Files.getLastModifiedTime(program)) > 0;
    }

    private static void make() throws IOException {
        Path made = Files.createTempDirectory("demo-data");
        Program.fill(made);
        Files.createDirectories(ONCE);
        for (Path old : files()) {
            Files.delete(old);
        }
        try (Stream<Path> files = Files.list(made)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Files.move(file, ONCE.resolve(file.getFileName()));
            }
        }
    }

    private static List<Path> files() throws IOException {
        try (Stream<Path> files = Files.list(ONCE)) {
            return files.filter(Files::isRegularFile).toList();
        }
    }
}
