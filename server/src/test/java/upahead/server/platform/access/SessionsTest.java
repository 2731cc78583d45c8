package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import upahead.server.Somebody;
import upahead.server.WithDemo;

/** Sessions of Corvin, an approver of the demo, and of Kerensa, whom he decides for. */
@WithDemo
class SessionsTest {

    private static final String PASSWORD = "walled-garden";

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    @Test
    void everySessionEndsWithADemotionAlsoAfterSigningInAnew() throws Exception {
        long corvin = personOf("corvin");
        MockHttpSession phone = signIn("corvin", PASSWORD);
        MockHttpSession desk = signIn("corvin", PASSWORD);
        http.perform(get("/api/requests").session(phone)).andExpect(status().isOk());
        http.perform(json(put("/api/people/" + corvin + "/sign-in"), "{\"role\": \"EMPLOYEE\", \"active\": true}")
                        .with(authentication(CurrentUser.authentication(Somebody.ADMINISTRATOR))))
                .andExpect(status().isOk());
        http.perform(get("/api/requests").session(phone)).andExpect(status().isUnauthorized());
        MockHttpSession again = signIn("corvin", PASSWORD);
        http.perform(get("/api/requests").session(again)).andExpect(status().isForbidden());
        http.perform(get("/api/requests").session(desk)).andExpect(status().isUnauthorized());
    }

    @Test
    void aDemotedApproverDecidesNoMore() throws Exception {
        long corvin = personOf("corvin");
        SignedIn demoted = new SignedIn(99, "corvin", "Corvin", Role.EMPLOYEE, corvin);
        long request = sql.queryForObject(
                "select min(r.id) from leave_request r join person_placement p on p.person_id = r.person_id"
                        + " where r.state = 'WAITING' and p.approver_id = " + corvin,
                Long.class);
        http.perform(get("/api/requests/" + request).with(authentication(CurrentUser.authentication(demoted))))
                .andExpect(status().isForbidden());
    }

    @Test
    void aChangedPasswordEndsTheOtherSessionsAndTheOldOneHoldsNoMore() throws Exception {
        MockHttpSession here = signIn("kerensa", PASSWORD);
        MockHttpSession elsewhere = signIn("kerensa", PASSWORD);
        change(here, "not mine", "a gate left open in May")
                .andExpect(jsonPath("$.field").value("before"));
        change(here, PASSWORD, "1234567890").andExpect(jsonPath("$.field").value("password"));
        change(here, PASSWORD, "a gate left open in May").andExpect(status().isNoContent());
        http.perform(get("/api/session").session(here))
                .andExpect(jsonPath("$.signedIn").value(true));
        http.perform(get("/api/session").session(elsewhere))
                .andExpect(jsonPath("$.signedIn").value(false));
        signIn("kerensa", "a gate left open in May");
        trying("kerensa", PASSWORD).andExpect(status().isUnprocessableEntity());
    }

    @ParameterizedTest
    @ValueSource(strings = {"1234567890", "qwertyuiop", "aaaaaaaaaaaa", "password123", "kerensa2027", "abcdefghijk"})
    void passwordsThatAreGuessedFirstAreRefused(String easy) throws Exception {
        MockHttpSession session = signIn("kerensa", PASSWORD);
        change(session, PASSWORD, easy)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("password"));
    }

    @Test
    void signingInStandsInTheTrailAndNamesOfAnyLengthAreRefusedAlike() throws Exception {
        signIn("kerensa", PASSWORD);
        assertThat(sql.queryForObject(
                        "select count(*) from audit_record where subject = 'sign-in' and what = 'signed in'",
                        Integer.class))
                .isPositive();
        trying("x".repeat(8_000_000), PASSWORD)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail")
                        .value("This name and password do not match. Please check both and try again."));
        trying("kerensa", "x".repeat(1_000_000)).andExpect(status().isUnprocessableEntity());
    }

    @Test
    void onlyAFewLinksGoOutInAnHourAndEarlierOnesHoldOn() throws Exception {
        String before = mails();
        for (int asked = 0; asked < 6; asked++) {
            http.perform(json(post("/api/session/forgotten"), "{\"username\": \"osric\"}"))
                    .andExpect(status().isNoContent());
        }
        assertThat(Integer.parseInt(mails()) - Integer.parseInt(before)).isLessThanOrEqualTo(3);
    }

    @Test
    void employeesSeeNoDrafts() throws Exception {
        SignedIn kerensa = Somebody.employee(personOf("kerensa"));
        http.perform(get("/api/policies").with(authentication(CurrentUser.authentication(kerensa))))
                .andExpect(jsonPath("$[*].versions[?(@.state == 'DRAFT')]").isEmpty())
                .andExpect(jsonPath("$[*].coverage.by").isEmpty());
    }

    private String mails() {
        return sql.queryForObject("select count(*) from mail_message where subject like '%password%'", String.class);
    }

    private long personOf(String username) {
        return sql.queryForObject("select person_id from sign_in where username = '" + username + "'", Long.class);
    }

    private MockHttpSession signIn(String name, String password) throws Exception {
        return (MockHttpSession) trying(name, password)
                .andExpect(status().isOk())
                .andReturn()
                .getRequest()
                .getSession();
    }

    private ResultActions trying(String name, String password) throws Exception {
        return http.perform(
                json(post("/api/session"), "{\"username\": \"" + name + "\", \"password\": \"" + password + "\"}"));
    }

    private ResultActions change(MockHttpSession session, String before, String password) throws Exception {
        return http.perform(json(
                        put("/api/session/password"),
                        "{\"before\": \"" + before + "\", \"password\": \"" + password + "\"}")
                .session(session));
    }

    private static MockHttpServletRequestBuilder json(MockHttpServletRequestBuilder request, String body) {
        return request.with(csrf()).contentType(MediaType.APPLICATION_JSON).content(body);
    }
}
