package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import upahead.server.DemoData;

/**
 * The program is killed right after it has answered; everything it answered is there when it starts again. Each round
 * ends with a close, a decision, an hours file and an opening balance one after the other, each of them last in turn.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class KilledProgramTest {

    /** Every round needs a start of its own, which takes seconds; {@code -Dupahead.kills=20} tries it as often as wanted. */
    private static final int ROUNDS = Integer.getInteger("upahead.kills", 2);

    private static final int STOPS = Math.max(1, ROUNDS / 7);
    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final ObjectMapper JSON = new ObjectMapper();

    private Path folder;

    /** Something done, and whether it is there afterwards. */
    private record Deed(Step happens, Step isThere) {}

    /** Answers to a question. */
    interface Asked {

        String get(String path) throws Exception;
    }

    private interface Step {

        void on(ProgramProcess program) throws Exception;
    }

    @BeforeAll
    void setUp(@TempDir Path folder) throws Exception {
        this.folder = folder;
        DemoData.copyTo(folder);
    }

    /** Not even to look at them: what both write would be lost. */
    @Test
    void anotherProgramIsNotLetAtTheSameData() throws Exception {
        ProgramProcess first = ProgramProcess.start(folder);
        try {
            assertThatThrownBy(() -> ProgramProcess.verify(folder))
                    .as("said in one sentence, and nothing else")
                    .hasMessageMatching(
                            "the proof fails with status \\d+\nup-ahead: another program is using [^\n]+\n");
            assertThat(first.get("/api/session")).isNotEmpty();
        } finally {
            first.kill();
        }
    }

    @Test
    void whatWasAnsweredIsThereAfterAKill() throws Exception {
        List<Deed> before = List.of();
        for (int round = 1; round <= ROUNDS; round++) {
            ProgramProcess program = ProgramProcess.start(folder);
            for (Deed deed : before) {
                deed.isThere().on(program);
            }
            before = new ArrayList<>(
                    List.of(close(program), decision(program, round), hours(program, round), opening(round)));
            Collections.rotate(before, round);
            for (Deed deed : before) {
                deed.happens().on(program);
            }
            program.kill();
        }
        assertThat(ProgramProcess.verify(folder)).contains("What was posted is what is derived");
    }

    @Test
    void aCloseThatHasBegunIsFinishedWhenTheProgramIsAskedToStop() throws Exception {
        for (int stop = 1; stop <= STOPS; stop++) {
            ProgramProcess program = ProgramProcess.start(folder);
            Deed close = close(program);
            CompletableFuture<Void> closing = CompletableFuture.runAsync(() -> happen(close, program));
            try {
                closing.get(30L * stop, TimeUnit.MILLISECONDS);
            } catch (TimeoutException underWay) {
                // which is the moment to be tried
            }
            program.askToStop();
            closing.get(Patience.LONGEST.toSeconds(), TimeUnit.SECONDS);
            program.awaitEnd();
            ProgramProcess after = ProgramProcess.start(folder);
            close.isThere().on(after);
            after.kill();
        }
    }

    /** The newest close of the group paid by the half month is taken back, to be closed again. */
    private static Deed close(ProgramProcess program) throws Exception {
        JsonNode run = newest(program::get, 2, true);
        String path = "/api/pay-runs/" + run.path("id").asLong();
        program.post(path + "/undoing", "{\"reason\": \"to close it again\"}");
        program.post(path + "/checking", "{\"note\": \"looked at\"}");
        int closings = run.path("closings").asInt() + 1;
        return new Deed(now -> now.post(path + "/closing", ""), later -> assertThat(
                        newest(later::get, 2, true).path("closings").asInt())
                .isEqualTo(closings));
    }

    /** Somebody asks for an hour on a day of their own, to be declined. */
    private static Deed decision(ProgramProcess program, int round) throws Exception {
        String on = workdayAfter(TODAY.plusMonths(2), round).toString();
        JsonNode request = JSON.readTree(program.post(
                        "/api/requests",
                        """
                        {"personId": 27, "policyId": 1, "note": "", "answers": [], "documents": [],
                         "days": [{"on": "%s", "part": "HOURS", "hours": "1"}]}
                        """
                                .formatted(on)))
                .path("request");
        String path = "/api/requests/" + request.path("id").asLong();
        return new Deed(
                now -> now.post(
                        path + "/decision",
                        "{\"seenEdits\": %d, \"message\": \"\", \"days\": [{\"on\": \"%s\", \"decision\": \"DECLINED\"}]}"
                                .formatted(request.path("edits").asInt(), on)),
                later -> assertThat(JSON.readTree(later.get(path))
                                .at("/request/state")
                                .asText())
                        .isEqualTo("DECLINED"));
    }

    private static Deed hours(ProgramProcess program, int round) throws Exception {
        JsonNode run = newest(program::get, 1, false);
        String on = run.path("firstDay").asText();
        String code = JSON.readTree(program.get("/api/people/32")).path("code").asText();
        String recorded = "0.%02d".formatted(round);
        return new Deed(
                now -> now.postFile(
                        "/api/pay-runs/" + run.path("id").asLong() + "/hours",
                        "person,date,kind,hours\n%s,%s,training,%s\n".formatted(code, on, recorded)),
                later -> assertThat(JSON.readTree(later.get("/api/people/32/card?on=" + on))
                                .path("days")
                                .path(0)
                                .path("hours"))
                        .anySatisfy(day -> {
                            assertThat(day.path("kind").asText()).isEqualTo("training");
                            assertThat(new BigDecimal(day.path("hours").asText()))
                                    .isEqualByComparingTo(recorded);
                        }));
    }

    private static Deed opening(int round) {
        String on = TODAY.minusDays(round).toString();
        return new Deed(
                now -> now.post(
                        "/api/openings",
                        """
                        {"reason": "counted again",
                         "rows": [{"personId": 32, "policyId": 1, "on": "%s", "balance": "3", "earnedThisYear": "0",
                                   "usedThisYear": "0", "hoursTowardNextStep": "0"}]}
                        """
                                .formatted(on)),
                later -> assertThat(JSON.readTree(later.get("/api/openings/1?size=200"))
                                .path("items"))
                        .anySatisfy(line -> {
                            assertThat(line.path("personId").asLong()).isEqualTo(32);
                            assertThat(line.path("on").asText()).isEqualTo(on);
                        }));
    }

    /** The last of a pay group's closed runs, or the first of those that are not. */
    static JsonNode newest(Asked program, long group, boolean closed) throws Exception {
        List<JsonNode> runs = new ArrayList<>();
        JSON.readTree(program.get("/api/pay-runs?payGroupId=" + group)).forEach(runs::add);
        runs.removeIf(run -> run.path("closed").asBoolean() != closed);
        runs.sort(Comparator.comparing(run -> run.path("firstDay").asText()));
        return runs.get(closed ? runs.size() - 1 : 0);
    }

    private static LocalDate workdayAfter(LocalDate day, int count) {
        return day.with(DayOfWeek.TUESDAY).plusWeeks(count);
    }

    private static void happen(Deed deed, ProgramProcess program) {
        try {
            deed.happens().on(program);
        } catch (Exception refused) {
            throw new CompletionException(refused);
        }
    }
}
