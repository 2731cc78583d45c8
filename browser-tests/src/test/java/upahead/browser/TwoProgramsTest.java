package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
import org.junit.jupiter.api.io.TempDir;
import upahead.server.DemoData;

/** Two programs on one database of a server, behind a balancer: people do not notice which answers, nor that one is gone. */
@EnabledIfEnvironmentVariable(named = "UP_AHEAD_TEST_SERVER", matches = ".+")
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TwoProgramsTest {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final Duration IN_THE_MIDDLE = Duration.ofMillis(120);

    private Path folder;
    private String database;

    @BeforeAll
    void aCompanyOnAServer(@TempDir Path folder) throws Exception {
        this.folder = folder;
        DemoData.copyTo(folder);
        String server = System.getenv("UP_AHEAD_TEST_SERVER");
        String name = "two_" + UUID.randomUUID();
        try (Connection connection = DriverManager.getConnection(server, "up-ahead", "")) {
            connection.createStatement().execute("create database \"" + name + "\"");
        }
        database = server.replaceAll("/[^/]*$", "/" + name);
        ProgramProcess.verify(folder, "--upahead.move-from=" + folder, "--spring.datasource.url=" + database);
    }

    @Test
    void peopleGoOnWhenOneProgramIsKilledInTheMiddle() throws Exception {
        ProgramProcess first = ProgramProcess.startOn(database, folder);
        ProgramProcess second = ProgramProcess.startOn(database, folder);
        try (Balancer balancer = new Balancer(List.of(first.address(), second.address()))) {
            Administrator people = new Administrator(balancer.address());
            people.signIn();
            for (int request = 0; request < 6; request++) {
                assertThat(people.get("/api/session")).contains("\"username\":\"teodric\"");
            }
            String today =
                    JSON.readTree(people.get("/api/session")).path("today").asText();
            people.post("/api/demo/clock", "{\"day\": \"2027-04-27\"}");
            assertThat(IntStream.range(0, 4).mapToObj(each -> today(people)).distinct())
                    .as("the day of both, after " + today)
                    .containsExactly("2027-04-27");

            closeWhileOneIsKilled(first, people);
            first = ProgramProcess.startOn(database, folder);
        }
        try (Balancer balancer = new Balancer(List.of(first.address(), second.address()))) {
            Administrator people = new Administrator(balancer.address());
            people.signIn();
            bringHoursInWhileOneIsKilled(second, people);
        }
        first.kill();
        assertThat(ProgramProcess.verify(folder, "--spring.datasource.url=" + database))
                .contains("What was posted is what is derived");
    }

    private static void closeWhileOneIsKilled(ProgramProcess killed, Administrator people) throws Exception {
        JsonNode run = KilledProgramTest.newest(people::get, 2, true);
        String path = "/api/pay-runs/" + run.path("id").asLong();
        people.post(path + "/undoing", "{\"reason\": \"to close it again\"}");
        people.post(path + "/checking", "{\"note\": \"looked at\"}");
        killWhile(killed, () -> killed.post(path + "/closing", ""));
        if (KilledProgramTest.newest(people::get, 2, true).path("id").asLong()
                != run.path("id").asLong()) {
            people.post(path + "/closing", "");
        }
        JsonNode closed = KilledProgramTest.newest(people::get, 2, true);
        assertThat(closed.path("id")).isEqualTo(run.path("id"));
        assertThat(closed.path("closings").asInt())
                .isEqualTo(run.path("closings").asInt() + 1);
    }

    private static void bringHoursInWhileOneIsKilled(ProgramProcess killed, Administrator people) throws Exception {
        JsonNode run = KilledProgramTest.newest(people::get, 1, false);
        String path = "/api/pay-runs/" + run.path("id").asLong() + "/hours";
        String code = JSON.readTree(people.get("/api/people/32")).path("code").asText();
        String on = run.path("firstDay").asText();
        String file = "person,date,kind,hours\n%s,%s,training,0.25\n".formatted(code, on);
        killWhile(killed, () -> killed.postFile(path, file));
        people.postFile(path, file);
        people.postFile(path, file);
        assertThat(JSON.readTree(people.get("/api/people/32/card?on=" + on))
                        .path("days")
                        .path(0)
                        .path("hours"))
                .as("once, however often it was brought in")
                .filteredOn(hours -> hours.path("kind").asText().equals("training"))
                .hasSize(1);
    }

    private interface Step {
        void happen() throws Exception;
    }

    private static void killWhile(ProgramProcess program, Step step) throws Exception {
        CompletableFuture<Void> underWay = CompletableFuture.runAsync(() -> {
            try {
                step.happen();
            } catch (Exception gone) {
                // as somebody's browser sees it
            }
        });
        underWay.completeOnTimeout(null, IN_THE_MIDDLE.toMillis(), TimeUnit.MILLISECONDS)
                .join();
        program.kill();
    }

    private static String today(Administrator people) {
        try {
            return JSON.readTree(people.get("/api/session")).path("today").asText();
        } catch (Exception refused) {
            throw new IllegalStateException(refused);
        }
    }
}
