package upahead.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;

/** The demo data, lived through once for all tests and copied for each that wants them. */
final class DemoData {

    private static Path once;

    private DemoData() {}

    /** Copies the data to a folder, which may be there or not. */
    static synchronized void copyTo(Path folder) {
        try {
            if (once == null) {
                Path made = Files.createTempDirectory("demo-data");
                Program.fill(made);
                once = made;
            }
            Files.createDirectories(folder);
            try (Stream<Path> files = Files.list(once)) {
                for (Path file : files.filter(Files::isRegularFile).toList()) {
                    Files.copy(file, folder.resolve(file.getFileName()));
                }
            }
        } catch (IOException failed) {
            throw new IllegalStateException("the demo data cannot be copied to " + folder, failed);
        }
    }
}
