package upahead.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import org.h2.tools.RunScript;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.server.payruns.Proof;
import upahead.server.payruns.ProofReport;
import upahead.server.platform.access.CurrentUser;

/**
 * Data of earlier programs, each as that program made them: two files kept as they were, and scripts of the others, whose
 * companies had not lived as long. Every posted balance is still the derived one.
 */
class OlderFilesTest {

    private static final String FILE = ".mv.db.gz";

    static Stream<String> kept() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("src/test/resources/older"))) {
            return files.map(file -> file.getFileName().toString()).sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("kept")
    void isBroughtUpToDateAndProved(String kept, @TempDir Path data) throws Exception {
        try (InputStream packed = OlderFilesTest.class.getResourceAsStream("/older/" + kept);
                InputStream content = new GZIPInputStream(packed)) {
            if (kept.endsWith(FILE)) {
                Files.copy(content, data.resolve("up-ahead.mv.db"));
            } else {
                run(content, data);
            }
        }
        try (ConfigurableApplicationContext program = new SpringApplicationBuilder(UpAhead.class)
                .profiles("demo")
                .properties(
                        "upahead.data=" + data,
                        "upahead.in-background=false",
                        "upahead.warm-start=false",
                        // the proof alone is asked for
                        "spring.main.lazy-initialization=true",
                        "server.port=0")
                .run()) {
            Proof proof = program.getBean(Proof.class);
            ProofReport report = program.getBean(CurrentUser.class).actAs(Somebody.ADMINISTRATOR, proof::prove);
            assertThat(report.missing()).isEmpty();
            assertThat(report.unexplained()).isZero();
            assertThat(report.groups()).anyMatch(group -> group.proved() > 20);
        }
    }

    private static void run(InputStream script, Path data) throws SQLException {
        try (Connection connection =
                DriverManager.getConnection("jdbc:h2:" + data.resolve("up-ahead"), "up-ahead", "")) {
            RunScript.execute(connection, new InputStreamReader(script, StandardCharsets.UTF_8));
        }
    }
}
