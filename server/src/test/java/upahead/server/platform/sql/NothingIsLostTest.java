package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import upahead.server.DemoData;
import upahead.server.Somebody;
import upahead.server.platform.clock.MovableClock;

/**
 * What was answered is in the file the moment it was answered: the file is copied right after each answer, which is what a
 * killed process leaves behind, and the copy is looked into by another database engine.
 */
@SpringBootTest
@AutoConfigureMockMvc
@ActiveProfiles("demo")
@DirtiesContext
class NothingIsLostTest {

    @TempDir
    static Path data;

    @DynamicPropertySource
    static void inAFile(DynamicPropertyRegistry properties) {
        DemoData.copyTo(data);
        properties.add("upahead.data", data::toString);
    }

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private MovableClock clock;

    @TempDir
    Path copies;

    private LocalDate today;

    @BeforeEach
    void begin() {
        today = clock.today();
    }

    @RepeatedTest(20)
    void anOpeningBalance(RepetitionInfo round) throws Exception {
        String on = today.minusDays(round.getCurrentRepetition()).toString();
        http.perform(by(json(
                        post("/api/openings"),
                        """
                {"reason": "counted again",
                 "rows": [{"personId": 32, "policyId": 1, "on": "%s", "balance": "3", "earnedThisYear": "0",
                           "usedThisYear": "0", "hoursTowardNextStep": "0"}]}
                """
                                .formatted(on))))
                .andExpect(status().is2xxSuccessful());
        assertThat(inACopy("opening_balance where person_id = 32 and policy_id = 1 and on_date = date '" + on + "'"))
                .isEqualTo(1);
    }

    @RepeatedTest(20)
    void hoursFromAFile(RepetitionInfo round) throws Exception {
        long open = sql.queryForObject(
                "select id from pay_run where pay_group_id = 1 and state <> 'CLOSED' order by first_day limit 1",
                Long.class);
        String first = sql.queryForObject("select first_day from pay_run where id = " + open, String.class);
        String code = sql.queryForObject("select code from person where id = 32", String.class);
        String file =
                "person,date,kind,hours\n%s,%s,training,0.%02d\n".formatted(code, first, round.getCurrentRepetition());
        http.perform(multipart("/api/pay-runs/" + open + "/hours")
                        .file(new MockMultipartFile(
                                "file", "hours.csv", "text/csv", file.getBytes(StandardCharsets.UTF_8)))
                        .with(csrf())
                        .with(authentication(administrator())))
                .andExpect(status().isOk());
        assertThat(inACopy("work_entry where person_id = 32 and kind = 'training' and hours = 0.%02d"
                        .formatted(round.getCurrentRepetition())))
                .isEqualTo(1);
    }

    @RepeatedTest(20)
    void aDecision(RepetitionInfo round) throws Exception {
        long request = sql.queryForObject(
                "select id from leave_request where state in ('WAITING', 'APPROVED') order by id limit 1", Long.class);
        sql.update("update leave_request set state = 'WAITING' where id = ?", request);
        sql.update("update leave_day set decision = null where request_id = ?", request);
        int edits = sql.queryForObject("select edits from leave_request where id = " + request, Integer.class);
        String days = String.join(
                ", ",
                sql.queryForList("select on_date from leave_day where request_id = " + request, String.class).stream()
                        .map(day -> "{\"on\": \"%s\", \"decision\": \"DECLINED\"}".formatted(day))
                        .toList());
        http.perform(by(json(
                        post("/api/requests/" + request + "/decision"),
                        "{\"seenEdits\": %d, \"message\": \"round %d\", \"days\": [%s]}"
                                .formatted(edits, round.getCurrentRepetition(), days))))
                .andExpect(status().is2xxSuccessful());
        assertThat(inACopy("request_event where request_id = %d and message = 'round %d'"
                        .formatted(request, round.getCurrentRepetition())))
                .isEqualTo(1);
    }

    @RepeatedTest(20)
    void aClose(RepetitionInfo round) throws Exception {
        long newest = sql.queryForObject(
                "select id from pay_run where pay_group_id = 2 and state = 'CLOSED' order by first_day desc limit 1",
                Long.class);
        http.perform(by(json(post("/api/pay-runs/" + newest + "/undoing"), "{\"reason\": \"to close it again\"}")))
                .andExpect(status().isOk());
        http.perform(by(json(post("/api/pay-runs/" + newest + "/checking"), "{\"note\": \"looked at\"}")))
                .andExpect(status().isOk());
        http.perform(by(post("/api/pay-runs/" + newest + "/closing"))).andExpect(status().isOk());
        int closings = sql.queryForObject("select closings from pay_run where id = " + newest, Integer.class);
        assertThat(inACopy("pay_run where id = %d and state = 'CLOSED' and closings = %d".formatted(newest, closings)))
                .isEqualTo(1);
        assertThat(inACopy("posted_line where pay_run_id = %d and closing = %d and sort <> 'REVERSAL'"
                        .formatted(newest, closings)))
                .isPositive();
    }

    @Test
    void moreIsNeverConfirmedThanIsInTheFile() throws Exception {
        http.perform(by(json(post("/api/organisation/sites"), "{\"name\": \"Confirmed Mill\"}")))
                .andExpect(status().is2xxSuccessful());
        long confirmed = new ConfirmedCount(data.resolve("up-ahead.confirmed")).read();
        assertThat(confirmed).isEqualTo(sql.queryForObject("select taken from turn", Long.class));
        assertThat(inACopy("turn where taken = " + confirmed)).isEqualTo(1);
    }

    private int inACopy(String of) throws IOException, SQLException {
        Path copy = copies.resolve("copy.mv.db");
        Files.copy(data.resolve("up-ahead.mv.db"), copy);
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:file:" + copies.resolve("copy"), "up-ahead", "");
                Statement statement = connection.createStatement();
                ResultSet count = statement.executeQuery("select count(*) from " + of)) {
            count.next();
            return count.getInt(1);
        } finally {
            Files.deleteIfExists(copy);
        }
    }

    private static MockHttpServletRequestBuilder json(MockHttpServletRequestBuilder request, String body) {
        return request.contentType(MediaType.APPLICATION_JSON).content(body);
    }

    private static MockHttpServletRequestBuilder by(MockHttpServletRequestBuilder request) {
        return request.with(csrf()).with(authentication(administrator()));
    }

    private static UsernamePasswordAuthenticationToken administrator() {
        return UsernamePasswordAuthenticationToken.authenticated(
                Somebody.ADMINISTRATOR, null, List.of(new SimpleGrantedAuthority("ROLE_ADMINISTRATOR")));
    }
}
