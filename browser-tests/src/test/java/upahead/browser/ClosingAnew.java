package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Set;
import org.openqa.selenium.support.ui.FluentWait;

/** A run is undone, checked, closed and delivered, and that again. */
final class ClosingAnew implements Doing {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final long GROUP = 2;

    private long runId;
    private int ofOtherRuns;
    /** What the run is, and what it is as well where something was asked that is not answered. */
    private Set<String> possible = Set.of();

    @Override
    public void begin(ProgramProcess program) throws Exception {
        if (runId == 0) {
            runId = KilledProgramTest.newest(program::get, GROUP, true)
                    .path("id")
                    .asLong();
            // what payroll has refused is neither delivered nor taken back: from here on it takes all
            program.put("/api/payroll-inbox/behaviour", "{\"behaviour\": \"ANSWERS\", \"unknownCodes\": []}");
            doIt(program);
            awaitAnswers(program);
            ofOtherRuns = rowsThatPayrollHas(program) - rowsSent(program);
        } else if (!run(program).path("closed").asBoolean()) {
            program.post(path("/checking"), "{\"note\": \"looked at\"}");
            program.post(path("/closing"), "");
        }
        possible = Set.of(state(run(program)));
    }

    @Override
    public void doIt(ProgramProcess program) throws Exception {
        int closings = run(program).path("closings").asInt();
        possible = Set.of(closed(closings), open(closings));
        program.post(path("/undoing"), "{\"reason\": \"to close it again\"}");
        possible = Set.of(open(closings));
        program.post(path("/checking"), "{\"note\": \"looked at\"}");
        possible = Set.of(open(closings), closed(closings + 1));
        program.post(path("/closing"), "");
        possible = Set.of(closed(closings + 1));
        program.post(path("/delivery"), "");
    }

    /** What was on its way to payroll arrives, and each row once. */
    @Override
    public void isThere(ProgramProcess later) throws Exception {
        assertThat(possible).contains(state(run(later)));
        awaitAnswers(later);
        assertThat(rowsThatPayrollHas(later)).isEqualTo(ofOtherRuns + rowsSent(later));
    }

    private void awaitAnswers(ProgramProcess program) {
        new FluentWait<>(program)
                .withTimeout(Patience.LONGEST)
                .withMessage("everything that was delivered to be answered")
                .until(asked -> !isWaiting(asked));
    }

    private boolean isWaiting(ProgramProcess program) {
        try {
            for (JsonNode each : deliveries(program.post(path("/delivery/tries"), ""))) {
                if (!each.hasNonNull("answeredAt")) {
                    return true;
                }
            }
            return false;
        } catch (Exception failed) {
            throw new IllegalStateException(failed);
        }
    }

    private int rowsSent(ProgramProcess program) throws Exception {
        int rows = 0;
        for (JsonNode each : deliveries(program.get(path("/delivery")))) {
            rows += JSON.readTree(program.get(path("/hand-over.json?closing="
                            + each.path("closing").asInt() + "&reversal="
                            + each.path("reversal").asBoolean())))
                    .path("lines")
                    .size();
        }
        return rows;
    }

    private static JsonNode deliveries(String answer) throws Exception {
        return JSON.readTree(answer).path("deliveries");
    }

    private static int rowsThatPayrollHas(ProgramProcess program) throws Exception {
        return JSON.readTree(program.get("/api/payroll-inbox?size=1"))
                .path("total")
                .asInt();
    }

    private JsonNode run(ProgramProcess program) throws Exception {
        for (JsonNode run : JSON.readTree(program.get("/api/pay-runs?payGroupId=" + GROUP))) {
            if (run.path("id").asLong() == runId) {
                return run;
            }
        }
        throw new IllegalStateException("the run is gone");
    }

    private String path(String what) {
        return "/api/pay-runs/" + runId + what;
    }

    private static String state(JsonNode run) {
        int closings = run.path("closings").asInt();
        return run.path("closed").asBoolean() ? closed(closings) : open(closings);
    }

    private static String closed(int closings) {
        return "closed for the " + closings + ". time";
    }

    private static String open(int closings) {
        return "open after " + closings;
    }
}
