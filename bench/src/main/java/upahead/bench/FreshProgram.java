package upahead.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.server.UpAhead;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;

/** The whole program, just started, with an empty database in a file. */
final class FreshProgram {

    private static final SignedIn PAYROLL = new SignedIn(0, "bench", "Bench", Role.ADMINISTRATOR, null);

    private FreshProgram() {}

    /** Does something with it as an administrator, and leaves nothing behind. */
    static <T> T measure(Function<ConfigurableApplicationContext, T> work) throws IOException {
        Path data = Files.createTempDirectory("up-ahead-bench");
        try {
            return on(data, work);
        } finally {
            delete(data);
        }
    }

    /** Does something with the program started on some data, as an administrator. */
    static <T> T on(Path data, Function<ConfigurableApplicationContext, T> work) {
        try (ConfigurableApplicationContext program = SpringApplication.run(
                UpAhead.class,
                "--server.port=0",
                "--upahead.data=" + data,
                "--spring.main.banner-mode=off",
                "--logging.level.root=ERROR")) {
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
