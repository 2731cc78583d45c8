package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import upahead.server.WithDemo;

/** Person 27 is Kerensa of Grounds, led by person 4, Corvin; person 16 belongs to another team. */
@WithDemo
class AccessTest {

    private static final SignedIn KERENSA = new SignedIn(1, "kerensa", "Kerensa Saltonstall", Role.EMPLOYEE, 27L);
    private static final SignedIn CORVIN = new SignedIn(2, "corvin", "Corvin Harnquist", Role.APPROVER, 4L);

    @Autowired
    private MockMvc http;

    @ParameterizedTest
    @ValueSource(strings = {"/api/lookout", "/api/balances?asOf=2027-04-26", "/api/people/27", "/api/pay-runs/15"})
    void whoIsNotSignedInSeesNothing(String path) throws Exception {
        http.perform(get(path)).andExpect(status().isUnauthorized());
    }

    @Test
    void aWrongPasswordIsSaidBesideThePassword() throws Exception {
        http.perform(signIn("teodric", "wrong"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("password"))
                .andExpect(jsonPath("$.detail")
                        .value("This name and password do not match. Please check both and try again."));
    }

    @Test
    void aRequestWithoutTheTokenOfOurPagesIsRefused() throws Exception {
        http.perform(post("/api/session")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"username\": \"teodric\", \"password\": \"walled-garden\"}"))
                .andExpect(status().isForbidden());
    }

    @Test
    void tooManyWrongPasswordsHaveToWait() throws Exception {
        for (int tries = 0; tries < 8; tries++) {
            http.perform(signIn("osric", "wrong"));
        }
        http.perform(signIn("osric", "walled-garden"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value("Too many wrong passwords. Please wait a minute and try again."));
    }

    @Test
    void headersAreStrict() throws Exception {
        String policy = http.perform(get("/api/session"))
                .andExpect(header().string("X-Frame-Options", "DENY"))
                .andReturn()
                .getResponse()
                .getHeader("Content-Security-Policy");
        assertThat(policy).contains("default-src 'self'").doesNotContain("unsafe-eval");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/lookout",
                "/api/balances?asOf=2027-04-26",
                "/api/people",
                "/api/people/16/balances?asOf=2027-04-26",
                "/api/people/16/requests",
                "/api/pay-runs/15",
                "/api/road",
                "/api/requests"
            })
    void anEmployeeSeesOnlyOwnData(String path) throws Exception {
        http.perform(get(path).with(as(KERENSA))).andExpect(status().isForbidden());
        http.perform(get("/api/people/27/balances?asOf=2027-04-26").with(as(KERENSA)))
                .andExpect(status().isOk());
    }

    @Test
    void anApproverReachesOnlyThePeopleAssigned() throws Exception {
        http.perform(get("/api/people/27/balances?asOf=2027-04-26").with(as(CORVIN)))
                .andExpect(status().isOk());
        http.perform(get("/api/people/16/balances?asOf=2027-04-26").with(as(CORVIN)))
                .andExpect(status().isForbidden());
        http.perform(get("/api/pay-runs/15").with(as(CORVIN))).andExpect(status().isForbidden());
    }

    private static RequestPostProcessor as(SignedIn somebody) {
        return authentication(CurrentUser.authentication(somebody));
    }

    private static MockHttpServletRequestBuilder signIn(String name, String password) {
        return post("/api/session")
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"username\": \"" + name + "\", \"password\": \"" + password + "\"}");
    }
}
