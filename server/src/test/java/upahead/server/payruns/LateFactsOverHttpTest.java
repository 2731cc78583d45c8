package upahead.server.payruns;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.SignedIn;

/** Who may change the past, and what is said to those who send something that cannot be. */
@WithDemo
class LateFactsOverHttpTest {

    private static final String ADJUSTMENT = "{\"on\": \"2027-04-20\", \"amount\": \"1.5\", \"reason\": \"fair\"}";
    private static final String HOURS =
            "{\"days\": [{\"on\": \"2027-04-07\", \"seen\": \"8h\", \"line\": \"7.25h\"}], \"reason\": \"left early\"}";

    @Autowired
    private MockMvc http;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "PUT|/api/people/28/card/days|" + HOURS,
                "PUT|/api/people/27/hire-date|{\"hired\": \"2021-06-01\"}",
                "POST|/api/people/27/balances/1/adjustments|" + ADJUSTMENT,
                "POST|/api/pay-runs/13/undoing|{\"reason\": \"mine\"}",
                "POST|/api/policies/1/impact|{\"terms\": {\"earning\": {\"method\": \"none\"}}, \"from\": \"2028-01-01\", "
                        + "\"coverage\": {\"byRule\": true}}",
            })
    void anEmployeeChangesNothingOfIt(String method, String path, String body) throws Exception {
        send(method, path, body, Somebody.employee(27)).andExpect(status().isForbidden());
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/proof", "/api/people/28/card?on=2027-04-01"})
    void anEmployeeDoesNotSeeWhatPayrollSees(String path) throws Exception {
        http.perform(get(path).with(Somebody.as(Somebody.employee(27)))).andExpect(status().isForbidden());
    }

    @ParameterizedTest
    @ValueSource(strings = {"/ahead?asOf=2027-04-26", "/balances/1/corrections"})
    void anEmployeeSeesOnesOwnButNobodyElses(String path) throws Exception {
        http.perform(get("/api/people/27" + path).with(Somebody.as(Somebody.employee(27))))
                .andExpect(status().isOk());
        http.perform(get("/api/people/28" + path).with(Somebody.as(Somebody.employee(27))))
                .andExpect(status().isForbidden());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "PUT|/api/people/27/card/days|{\"days\": [{\"on\": \"2027-04-07\", \"seen\": \"8h\", \"line\": \"1h night\"}], \"reason\": \"test\"}|days/2027-04-07",
                "PUT|/api/people/27/card/days|{\"days\": [{\"on\": \"2027-04-07\", \"seen\": \"8h\", \"line\": \"half past eight\"}], \"reason\": \"test\"}|days/2027-04-07",
                "PUT|/api/people/27/card/days|{\"days\": [{\"on\": \"2027-04-07\", \"seen\": \"8h\", \"line\": \"4h\"}], \"reason\": \"\"}|reason",
                "PUT|/api/people/27/card/days|{\"days\": [], \"reason\": \"test\"}|days",
                "POST|/api/people/27/balances/1/adjustments|{\"amount\": \"1\", \"reason\": \"x\"}|on",
                "POST|/api/people/27/balances/1/adjustments|{\"on\": \"2027-04-20\", \"reason\": \"x\"}|amount",
                "POST|/api/people/27/balances/1/adjustments|{\"on\": \"2027-04-20\", \"amount\": \"1\", \"reason\": \" \"}"
                        + "|reason",
                "POST|/api/people/27/balances/1/adjustments|{\"on\": \"2027-04-20\", \"amount\": \"0\", \"reason\": \"x\"}"
                        + "|amount",
                "POST|/api/pay-runs/13/undoing|{\"reason\": \"\"}|reason",
                "PUT|/api/people/27/hire-date|{}|hired",
            })
    void whatCannotBeNamesItsField(String method, String path, String body, String field) throws Exception {
        send(method, path, body, Somebody.ADMINISTRATOR)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail").isNotEmpty());
    }

    @Test
    void hoursThatWereChangedComeBackAsTheyAreNow() throws Exception {
        send("PUT", "/api/people/27/card/days", HOURS, Somebody.ADMINISTRATOR)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.days[9].line").value("7.25h"))
                .andExpect(jsonPath("$.days[9].changedBy").value("Ada Payroll"));
        send("PUT", "/api/people/27/card/days", HOURS, Somebody.ADMINISTRATOR).andExpect(status().isConflict());
    }

    @Test
    void anAdjustmentAnswersWithTheBalanceOfItsDay() throws Exception {
        send("POST", "/api/people/27/balances/1/adjustments", ADJUSTMENT, Somebody.ADMINISTRATOR)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.asOf").value("2027-04-20"));
    }

    @Test
    void moreThanAYearOfChangesIsNotAskedForAtOnce() throws Exception {
        http.perform(get("/api/people/27/card/changes?from=2025-01-01&through=2027-04-11")
                        .with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("through"));
    }

    private ResultActions send(String method, String path, String body, SignedIn signedIn) throws Exception {
        return http.perform(request(HttpMethod.valueOf(method), path)
                .with(csrf())
                .with(Somebody.as(signedIn))
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }
}
