package upahead.server.platform.problems;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.test.context.support.WithMockUser;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import upahead.server.Somebody;
import upahead.server.WithDemo;

/** Whatever is asked for wrongly is answered in problem details, with a sentence and without the program's own words. */
@WithDemo
@WithMockUser(roles = "ADMINISTRATOR")
class ProblemDetailsTest {

    @Autowired
    private MockMvc http;

    @ParameterizedTest
    @CsvSource({
        "/api/people/27a, 400",
        "/api/policies/0, 404",
        "/api/pay-runs/77777, 404",
        "/api/balances, 400",
        "/api/balances?asOf=tomorrow, 422",
        "/api/people?size=100000, 400",
        "/api/people?page=-1, 400",
        "/api/people?order=SHOE_SIZE, 422",
        "/api/holidays/1/years/many, 400",
        "/api/audit?size=0, 400",
        "/api/nothing-of-the-kind, 404",
        "/error, 404",
        "/api/balances?asOf=+999999999-12-31, 422",
        "/api/balances?asOf=0099-12-31, 422",
    })
    void aQuestionThatCannotBe(String path, int status) throws Exception {
        sentence(http.perform(get(path)).andExpect(status().is(status)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{|",
                "[]|",
                "{\"starts\": \"2027-02-30\", \"ends\": \"2027-03-01\", \"reason\": \"x\"}|starts",
                "{\"starts\": \"2027-05-01\", \"ends\": \"2027-05-02\", \"reason\": \"  \"}|reason",
                "{\"starts\": null, \"ends\": \"2027-05-02\", \"reason\": \"x\"}|starts",
                "{\"starts\": \"2027-05-01\", \"ends\": \"2027-05-02\", \"reason\": \"x\", \"teamId\": \"all\"}|teamId",
                "{\"starts\": \"+999999999-05-01\", \"ends\": \"2027-05-02\", \"reason\": \"x\", \"teamId\": null}|starts",
                "{\"starts\": \"2027-05-01\", \"ends\": \"2027-05-02\", \"reason\": \"a\\u0000b\", \"teamId\": null}|reason",
                "{\"starts\": \"2027-05-01\", \"ends\": \"2027-05-02\", \"reason\": \"\\ud83d\", \"teamId\": null}|reason",
                "{\"starts\": \"2027-05-01\", \"ends\": \"2027-05-02\", \"reason\": \"\\u200b\", \"teamId\": null}|reason",
            })
    void aFormThatCannotBeNamesItsField(String form, String field) throws Exception {
        ResultActions answer = sentence(http.perform(post("/api/holidays/protected")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(form))
                .andExpect(status().isUnprocessableEntity()));
        if (field != null) {
            answer.andExpect(jsonPath("$.field").value(field));
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"earning\": {\"method\": \"none\"}, \"tenure\": [null]}",
                "{\"rounding\": {}}",
                "{\"earning\": {}}",
                "{\"earning\": null}",
                "{\"earning\": {\"method\": \"per-hours-worked\", \"counts\": [null], \"earn\": \"1\", \"forEvery\": \"1\"}}",
                "{\"earning\": {\"method\": \"none\"}, \"yearEnd\": {\"carriedUsable\": {}}}",
                "{\"earning\": {\"method\": \"none\"}, \"waitToUse\": {\"days\": 5, \"months\": 1}}",
            })
    void termsWithHolesAreRefusedByTheirPlace(String hole) throws Exception {
        sentence(http.perform(post("/api/policies/rehearsal")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"unit\": \"HOURS\", \"benefitYear\": \"01-01\", \"hired\": \"2027-01-04\","
                                + " \"hoursADay\": \"8\", \"rules\": null, \"terms\": " + hole + "}"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").isNotEmpty()));
    }

    @Test
    void pagesFarBehindTheLastAreEmpty() throws Exception {
        emptyIn("$.items", "/api/people?page=999999999&size=50");
        emptyIn("$.items", "/api/audit?page=999999999&size=50");
        emptyIn("$.rows", "/api/balances?asOf=2027-04-26&firstRow=999999999");
        emptyIn("$.rows", "/api/reports/lapses?from=2027-04-26&through=2027-12-31&firstRow=2147483647");
    }

    private void emptyIn(String rows, String path) throws Exception {
        http.perform(get(path)
                        .with(authentication(UsernamePasswordAuthenticationToken.authenticated(
                                Somebody.ADMINISTRATOR,
                                null,
                                List.of(new SimpleGrantedAuthority("ROLE_ADMINISTRATOR"))))))
                .andExpect(status().isOk())
                .andExpect(jsonPath(rows).isEmpty());
    }

    @Test
    void aWayOfAskingThatThereIsNot() throws Exception {
        sentence(http.perform(delete("/api/people").with(csrf())).andExpect(status().isMethodNotAllowed()));
        sentence(http.perform(post("/api/holidays/protected")
                        .with(csrf())
                        .contentType(MediaType.TEXT_PLAIN)
                        .content("please"))
                .andExpect(status().isUnsupportedMediaType()));
        sentence(
                http.perform(post("/api/people/import/preview").with(csrf()).contentType(MediaType.MULTIPART_FORM_DATA))
                        .andExpect(status().is4xxClientError()));
    }

    /** Nothing of classes, statements or stacks is told. */
    private static ResultActions sentence(ResultActions answer) throws Exception {
        answer.andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.status").isNumber())
                .andExpect(jsonPath("$.detail").isNotEmpty());
        assertThat(answer.andReturn().getResponse().getContentAsString())
                .doesNotContain("Exception")
                .doesNotContain("upahead")
                .doesNotContain("java.");
        return answer;
    }
}
