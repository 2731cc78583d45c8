package upahead.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Worked examples: their figures as reckoned by hand, and every line of their ledgers as it stands beside them in
 * {@code ledgers}. {@code -Dupahead.ledgers=write} writes the lines anew, to be read before they are kept.
 */
class CasesTest {

    private static final Path CASES = Path.of("src/test/resources/cases");
    private static final Path LEDGERS = Path.of("src/test/resources/ledgers");
    private static final ObjectMapper JSON = new ObjectMapper();

    static Stream<Path> cases() throws IOException {
        try (Stream<Path> files = Files.list(CASES)) {
            return files.sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void comesOutAsReckonedByHand(Path file) throws IOException {
        ByteArrayOutputStream printed = new ByteArrayOutputStream();
        ByteArrayOutputStream differences = new ByteArrayOutputStream();
        int status = Rehearsal.run(
                List.of("--ledger", file.toString()),
                new PrintStream(printed, true, StandardCharsets.UTF_8),
                new PrintStream(differences));
        assertThat(differences.toString()).isEmpty();
        assertThat(status).isZero();
        Path ledger = LEDGERS.resolve(file.getFileName().toString().replace(".json", ".txt"));
        String lines = lines(printed.toString(StandardCharsets.UTF_8));
        if ("write".equals(System.getProperty("upahead.ledgers"))) {
            Files.createDirectories(LEDGERS);
            Files.writeString(ledger, lines);
        }
        assertThat(ledger).hasContent(lines);
    }

    /** The lines of a ledger: on, what, amount, withheld, balance. */
    private static String lines(String printed) {
        return printed.lines()
                .map(CasesTest::read)
                .filter(line -> line.has("what"))
                .map(line -> Stream.of("on", "what", "amount", "withheld", "balance")
                        .map(name -> line.path(name).asText())
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining("\n", "", "\n"));
    }

    private static JsonNode read(String line) {
        try {
            return JSON.readTree(line);
        } catch (IOException broken) {
            throw new IllegalArgumentException(line, broken);
        }
    }
}
