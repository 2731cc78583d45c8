package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** A file with the same hours of several people on one day comes in, and another one with others. */
final class BringingHours implements Doing {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final long GROUP = 1;
    private static final List<Long> PEOPLE = List.of(32L, 33L, 34L, 35L);
    private static final int MOST = 99;

    private final Map<Long, String> codes = new TreeMap<>();
    private long runId;
    private String on;
    private int asked;
    private int answered;

    @Override
    public void begin(ProgramProcess program) throws Exception {
        JsonNode run = KilledProgramTest.newest(program::get, GROUP, false);
        runId = run.path("id").asLong();
        on = run.path("firstDay").asText();
        for (long person : PEOPLE) {
            codes.put(
                    person,
                    JSON.readTree(program.get("/api/people/" + person))
                            .path("code")
                            .asText());
        }
    }

    @Override
    public void doIt(ProgramProcess program) throws Exception {
        asked = 1 + asked % MOST;
        StringBuilder file = new StringBuilder("person,date,kind,hours\n");
        codes.values().forEach(code -> file.append("%s,%s,training,%s\n".formatted(code, on, hours(asked))));
        program.postFile("/api/pay-runs/" + runId + "/hours", file.toString());
        answered = asked;
    }

    @Override
    public void isThere(ProgramProcess later) throws Exception {
        Set<BigDecimal> found = new HashSet<>();
        for (long person : PEOPLE) {
            for (JsonNode kind : JSON.readTree(later.get("/api/people/" + person + "/card?on=" + on))
                    .at("/days/0/hours")) {
                if (kind.path("kind").asText().equals("training")) {
                    found.add(new BigDecimal(kind.path("hours").asText()).setScale(2));
                }
            }
        }
        if (answered > 0) {
            assertThat(found).hasSize(1);
            assertThat(Set.of(hours(answered), hours(answered == asked ? answered : asked)))
                    .containsAll(found);
        }
    }

    private static BigDecimal hours(int number) {
        return BigDecimal.valueOf(number, 2);
    }
}
