package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.Permission;

/** Teodric, sign-in 1, lets programs in; today is 26 April 2027. */
@WithDemo
class ProgramTokensTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final SignedIn TEODRIC = new SignedIn(1, "teodric", "Teodric Brackwyn", Role.ADMINISTRATOR, 1L);
    private static final String TEAM = "{\"name\": \"Orchard\"}";

    @Autowired
    private ProgramTokens tokens;

    @Autowired
    private MovableClock clock;

    @Autowired
    private CurrentUser user;

    @Autowired
    private MockMvc http;

    @AfterEach
    void backToToday() {
        clock.moveTo(TODAY);
    }

    @Test
    void aTokenReadsWhatItMayAndNothingElse() throws Exception {
        String secret = make(true, Permission.RUN_PAYROLL).secret();
        http.perform(with(secret, get("/api/pay-runs?payGroupId=1"))).andExpect(status().isOk());
        http.perform(with(secret, get("/api/pay-rates?asOf=2027-04-26"))).andExpect(status().isForbidden());
        http.perform(with(secret, get("/api/my-time"))).andExpect(status().is4xxClientError());
        http.perform(with(
                        secret,
                        post("/api/pay-runs/1/undo")
                                .contentType(MediaType.APPLICATION_JSON)
                                .content("{}")))
                .andExpect(status().isForbidden())
                .andExpect(jsonPath("$.detail").value("This token only reads."));
    }

    @Test
    void itsUseIsNotedAndWhatItDoesStandsUnderItsName() throws Exception {
        ProgramTokens.Made made = make(false, Permission.KEEP_PEOPLE);
        assertThat(made.token().lastUsedAt()).isNull();
        http.perform(with(made.secret(), post("/api/organisation/teams"))
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(TEAM))
                .andExpect(status().is2xxSuccessful());
        assertThat(as(() -> tokens.all()).get(0).lastUsedAt()).isNotNull();
    }

    @Test
    void aSessionThatComesAlongIsNotBorrowed() throws Exception {
        http.perform(with("up_nonsense", get("/api/pay-runs?payGroupId=1")).with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(status().isUnauthorized())
                .andExpect(jsonPath("$.detail").value("This token is not known here."));
    }

    @Test
    void afterItsLastDayItLetsNobodyIn() throws Exception {
        String secret = make(true, Permission.RUN_PAYROLL).secret();
        clock.moveTo(TODAY.plusMonths(1));
        http.perform(with(secret, get("/api/pay-runs?payGroupId=1"))).andExpect(status().isOk());
        clock.moveTo(TODAY.plusMonths(1).plusDays(1));
        http.perform(with(secret, get("/api/pay-runs?payGroupId=1")))
                .andExpect(status().isUnauthorized())
                .andExpect(jsonPath("$.detail").value(containsString("held until 2027-05-26")));
    }

    @Test
    void endedItLetsNobodyIn() throws Exception {
        ProgramTokens.Made made = make(true, Permission.RUN_PAYROLL);
        as(() -> {
            tokens.end(made.token().id());
            return null;
        });
        http.perform(with(made.secret(), get("/api/pay-runs?payGroupId=1")))
                .andExpect(status().isUnauthorized())
                .andExpect(jsonPath("$.detail").value("This token was ended."));
        assertThatThrownBy(() -> as(() -> {
                    tokens.end(made.token().id());
                    return null;
                }))
                .hasMessage("This token was ended before.");
    }

    @Test
    void signingInAndLettingOthersInIsForPeople() throws Exception {
        String secret = make(false, Permission.RUN_PAYROLL).secret();
        http.perform(with(secret, get("/api/session"))).andExpect(status().isForbidden());
        http.perform(with(secret, get("/api/program-tokens"))).andExpect(status().isForbidden());
        assertThatThrownBy(() -> make(true, Permission.KEEP_PROGRAMS)).hasMessageContaining("is for people alone");
        assertThatThrownBy(() -> make(true, Permission.KEEP_SIGN_INS)).hasMessageContaining("is for people alone");
    }

    @Test
    void itsDayCannotBeGoneByNorFarAhead() {
        for (LocalDate day : Set.of(TODAY.minusDays(1), TODAY.plusYears(3))) {
            assertThatThrownBy(() -> as(() -> tokens.make("Payroll", EnumSet.of(Permission.RUN_PAYROLL), true, day)))
                    .hasMessageContaining("choose a last day");
        }
    }

    private ProgramTokens.Made make(boolean readsOnly, Permission permission) {
        return as(() -> tokens.make("Payroll", EnumSet.of(permission), readsOnly, TODAY.plusMonths(1)));
    }

    private static MockHttpServletRequestBuilder with(String secret, MockHttpServletRequestBuilder request) {
        return request.header("Authorization", "Bearer " + secret);
    }

    private <T> T as(Supplier<T> doing) {
        return user.actAs(TEODRIC, doing);
    }
}
