package upahead.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CasesTest {

    static Stream<Path> cases() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("src/test/resources/cases"))) {
            return files.sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void comesOutAsReckonedByHand(Path file) {
        ByteArrayOutputStream differences = new ByteArrayOutputStream();
        int status = Rehearsal.run(
                List.of("--ledger", file.toString()),
                new PrintStream(new ByteArrayOutputStream()),
                new PrintStream(differences));
        assertThat(differences.toString()).isEmpty();
        assertThat(status).isZero();
    }
}
