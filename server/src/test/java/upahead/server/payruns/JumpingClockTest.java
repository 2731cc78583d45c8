package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.LocalDate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.daily.DailyWork;
import upahead.server.platform.daily.OnceADay;

/** The machine's clock is set wrong, far back or far ahead, while people work: what was closed when is told by its order. */
@WithDemo
class JumpingClockTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private MovableClock clock;

    @Autowired
    private DailyWork daily;

    @Autowired
    private OnceADay[] everything;

    @Autowired
    private ObjectMapper json;

    @AfterEach
    void setRight() {
        clock.moveTo(TODAY);
    }

    @Test
    void aCloseInAFarFutureIsProvedAndCorrectedLikeAnyOther() throws Exception {
        long run = newestClosed();
        clock.moveTo(LocalDate.of(2031, 7, 1));
        send("/api/pay-runs/" + run + "/undoing", "{\"reason\": \"to close it again\"}")
                .andExpect(status().isOk());
        close(run).andExpect(status().isOk());
        clock.moveTo(TODAY);
        adjustSomebodyOf(run);
    }

    @Test
    void inAPastBeforeTheRunItIsNotClosedAndNothingIsByHalves() throws Exception {
        long run = newestClosed();
        clock.moveTo(LocalDate.of(2026, 1, 2));
        send("/api/pay-runs/" + run + "/undoing", "{\"reason\": \"to close it again\"}")
                .andExpect(status().isOk());
        close(run).andExpect(status().isConflict());
        clock.moveTo(TODAY);
        close(run).andExpect(status().isOk());
        adjustSomebodyOf(run);
    }

    private long newestClosed() {
        return sql.queryForObject(
                "select max(id) from pay_run where state = 'CLOSED' and pay_group_id = 2", Long.class);
    }

    private ResultActions close(long run) throws Exception {
        send("/api/pay-runs/" + run + "/checking", "{\"note\": \"looked at\"}");
        return send("/api/pay-runs/" + run + "/closing", "");
    }

    /** A fact of a closed period is a difference, with its cause, and nothing else differs without one. */
    private void adjustSomebodyOf(long run) throws Exception {
        long person = sql.queryForObject(
                "select min(person_id) from posted_line where pay_run_id = " + run + " and policy_id = 2", Long.class);
        send(
                        "/api/people/" + person + "/balances/2/adjustments",
                        "{\"on\": \"2027-04-01\", \"amount\": \"0.5\", \"reason\": \"found later\"}")
                .andExpect(status().is2xxSuccessful());
        JsonNode proof = json.readTree(http.perform(get("/api/proof").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(proof.path("missing")).isEmpty();
        assertThat(proof.path("differences"))
                .allSatisfy(each -> assertThat(each.path("causes")).isNotEmpty())
                .anySatisfy(each -> assertThat(each.path("personId").asLong()).isEqualTo(person));
    }

    @Test
    void whatIsDoneOnceADayIsNotDoneAgainWhenTheClockGoesBack() {
        daily.skipToday();
        clock.moveTo(TODAY.minusDays(3));
        assertThat(everything).isNotEmpty().noneMatch(daily::isDue);
        clock.moveTo(TODAY.plusDays(1));
        assertThat(everything).allMatch(daily::isDue);
    }

    private ResultActions send(String address, String body) throws Exception {
        return http.perform(post(address)
                .with(Somebody.as(Somebody.ADMINISTRATOR))
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }
}
