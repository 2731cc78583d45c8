package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.secondstep.AnApp;

/** A code after the password: set up, asked for, used once, lost, and needed by a role. */
@WithDemo
class SecondStepTest {

    private static final String RIGHT = "\"username\": \"teodric\", \"password\": \"walled-garden\"";
    private static final long TEODRIC = 1;

    private static final AtomicInteger PLACES = new AtomicInteger();

    /** Each test from another address, since wrong tries are counted. */
    private final RequestPostProcessor fromHere = from("10.20.30." + PLACES.incrementAndGet());

    @Autowired
    private MockMvc http;

    @Autowired
    private WaysIn waysIn;

    @Autowired
    private SignIns signIns;

    @Autowired
    private CurrentUser user;

    @Autowired
    private JdbcTemplate sql;

    @Test
    void onceItIsSetUpThePasswordAloneLetsNobodyIn() throws Exception {
        MockHttpSession session = signIn("").session();
        send(session, "POST", "/api/second-step", "{\"password\": \"guessed-by-somebody\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("password"));
        AnApp app = begin(session);
        send(session, "PUT", "/api/second-step", "{\"code\": \"000 00\"}")
                .andExpect(jsonPath("$.field").value("code"));
        assertThat(signIn("").status()).as("not set up before a code was typed").isEqualTo(200);

        List<String> onPaper = confirm(session, app);
        signIn("").expectProblem("code", "Now the code from your app");
        signIn(app.code(Duration.ZERO)).expectProblem("code", "was used already");
        assertThat(signIn(app.code(Duration.ofSeconds(30))).status()).isEqualTo(200);
        assertThat(signIn(onPaper.get(3).toUpperCase()).status()).isEqualTo(200);
        signIn(onPaper.get(3)).expectProblem("code", "was used already");
        send(session, "GET", "/api/second-step", "")
                .andExpect(jsonPath("$.set").value(true))
                .andExpect(jsonPath("$.codesOnPaper").value(9));
        send(session, "POST", "/api/second-step", "{\"password\": \"walled-garden\"}")
                .andExpect(status().isConflict());

        send(session, "POST", "/api/second-step/ending", "{\"password\": \"walled-garden\"}")
                .andExpect(jsonPath("$.set").value(false));
        assertThat(signIn("").status()).isEqualTo(200);
        assertThat(sql.queryForList(
                        "select subject from mail_message where recipient_id = ? order by id desc limit 3",
                        String.class,
                        user.actAs(Somebody.ADMINISTRATOR, () -> signIns.active(TEODRIC))
                                .orElseThrow()
                                .personId()))
                .as("what was mailed, the newest first")
                .containsExactly(
                        "Up Ahead: the second step was ended",
                        "Up Ahead: a code on paper was used",
                        "Up Ahead: a second step was set up");
    }

    @Test
    void whereTheRoleNeedsOneASessionIsGoodForSettingItUpAndNothingElse() throws Exception {
        user.actAs(Somebody.ADMINISTRATOR, () -> waysIn.change(true, false, Set.of(Role.ADMINISTRATOR), false));
        MockHttpSession session = signIn("").session();
        send(session, "GET", "/api/session", "")
                .andExpect(jsonPath("$.secondStepMissing").value(true));
        send(session, "GET", "/api/people", "")
                .andExpect(status().isForbidden())
                .andExpect(jsonPath("$.detail").value("Please set up the second step first."));
        confirm(session, begin(session));
        send(session, "GET", "/api/people", "").andExpect(status().isOk());
        send(session, "GET", "/api/session", "")
                .andExpect(jsonPath("$.secondStepMissing").value(false));
    }

    @Test
    void whoeverLostTheDeviceIsHelpedAndHasToSignInAgain() throws Exception {
        MockHttpSession session = signIn("").session();
        confirm(session, begin(session));
        long person = user.actAs(Somebody.ADMINISTRATOR, () -> signIns.active(TEODRIC))
                .orElseThrow()
                .personId();
        assertThat(user.actAs(Somebody.ADMINISTRATOR, () -> signIns.ofPerson(person))
                        .orElseThrow()
                        .secondStep())
                .isTrue();
        http.perform(request(HttpMethod.DELETE, "/api/people/" + person + "/sign-in/second-step")
                        .with(csrf())
                        .with(Somebody.as(Somebody.SECOND_ADMINISTRATOR)))
                .andExpect(jsonPath("$.signIn.secondStep").value(false));
        send(session, "GET", "/api/people", "").andExpect(status().isUnauthorized());
        assertThat(signIn("").status()).isEqualTo(200);
    }

    @Test
    void guessingCodesIsHeldUp() throws Exception {
        MockHttpSession session = signIn("").session();
        confirm(session, begin(session));
        for (int tries = 0; tries < 10; tries++) {
            signIn("12345" + tries);
        }
        signIn("123456").expectProblem("password", "Too many wrong passwords");
    }

    private static RequestPostProcessor from(String address) {
        return request -> {
            request.setRemoteAddr(address);
            return request;
        };
    }

    private AnApp begin(MockHttpSession session) throws Exception {
        String begun = send(session, "POST", "/api/second-step", "{\"password\": \"walled-garden\"}")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return new AnApp(JsonPath.read(begun, "$.secret"));
    }

    private List<String> confirm(MockHttpSession session, AnApp app) throws Exception {
        String confirmed = send(session, "PUT", "/api/second-step", "{\"code\": \"" + app.code(Duration.ZERO) + "\"}")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return JsonPath.read(confirmed, "$.codes");
    }

    private ResultActions send(MockHttpSession session, String method, String path, String body) throws Exception {
        return http.perform(request(HttpMethod.valueOf(method), path)
                .session(session)
                .with(fromHere)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    private Answer signIn(String code) throws Exception {
        MockHttpSession session = new MockHttpSession();
        ResultActions done = send(session, "POST", "/api/session", "{" + RIGHT + ", \"code\": \"" + code + "\"}");
        return new Answer(done, (MockHttpSession) done.andReturn().getRequest().getSession(false));
    }

    private record Answer(ResultActions done, MockHttpSession session) {

        int status() {
            return done.andReturn().getResponse().getStatus();
        }

        void expectProblem(String field, String words) throws Exception {
            done.andExpect(jsonPath("$.field").value(field));
            assertThat(JsonPath.<String>read(done.andReturn().getResponse().getContentAsString(), "$.detail"))
                    .contains(words);
        }
    }
}
