package upahead.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.server.payruns.Proof;
import upahead.server.payruns.ProofReport;
import upahead.server.platform.access.CurrentUser;

/** Data files of earlier programs, kept as they were: every posted balance is still the derived one. */
class OlderFilesTest {

    @ParameterizedTest
    @ValueSource(strings = {"layout-10", "layout-28"})
    void isBroughtUpToDateAndProved(String layout, @TempDir Path data) throws Exception {
        try (InputStream file = OlderFilesTest.class.getResourceAsStream("/older/" + layout + ".mv.db.gz")) {
            Files.copy(new GZIPInputStream(file), data.resolve("up-ahead.mv.db"));
        }
        try (ConfigurableApplicationContext program = new SpringApplicationBuilder(UpAhead.class)
                .profiles("demo")
                .properties(
                        "upahead.data=" + data,
                        "upahead.in-background=false",
                        "upahead.warm-start=false",
                        "server.port=0")
                .run()) {
            Proof proof = program.getBean(Proof.class);
            ProofReport report = program.getBean(CurrentUser.class).actAs(Somebody.ADMINISTRATOR, proof::prove);
            assertThat(report.unexplained()).isZero();
            assertThat(report.groups()).allMatch(group -> group.proved() > 100);
        }
    }
}
