package upahead.server.requests;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import upahead.server.Somebody;
import upahead.server.WithDemo;

/** What travels: dates in ISO form, amounts as decimal strings, problems that name their field. */
@WithDemo
class RequestsOverHttpTest {

    private static final String DAY = "{\"on\": \"2027-05-05\", \"part\": \"WHOLE\", \"hours\": null}";

    @Autowired
    private MockMvc http;

    @Test
    void amountsTravelAsDecimalStrings() throws Exception {
        preview(DAY, "\"\"")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.total").value("8"))
                .andExpect(jsonPath("$.days[0].on").value("2027-05-05"))
                .andExpect(jsonPath("$.days[0].amount").value("8"))
                .andExpect(jsonPath("$.unit").value("HOURS"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"on\": \"5 May\", \"part\": \"WHOLE\", \"hours\": null}|\"\"|days.0.on",
                "{\"on\": \"2027-05-05\", \"part\": \"MOST\", \"hours\": null}|\"\"|days.0.part",
                "{\"on\": \"2027-05-05\", \"part\": \"HOURS\", \"hours\": \"two\"}|\"\"|days.0.hours",
                "{\"on\": \"2027-05-05\", \"part\": \"HOURS\", \"hours\": null}|\"\"|days",
                "{\"on\": \"2027-05-05\", \"part\": \"TIMES\", \"between\": {\"from\": \"25:00\", \"to\": \"26:00\"}}|\"\"|days.0.between.from",
                "{\"on\": \"2027-05-05\", \"part\": \"TIMES\", \"between\": null}|\"\"|days",
                "|\"\"|days",
                "{\"on\": \"2027-05-05\", \"part\": \"WHOLE\", \"hours\": null}|null|note",
            })
    void aProblemNamesItsField(String day, String note, String field) throws Exception {
        preview(day == null ? "" : day, note)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail").isNotEmpty());
    }

    @Test
    void anUnknownRequestIsSaidNotToExist() throws Exception {
        http.perform(get("/api/requests/99999").with(kerensa()))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail").value("There is no such request."));
    }

    @Test
    void aDecisionLeavesNoDayOut() throws Exception {
        http.perform(post("/api/requests/79/decision")
                        .with(csrf())
                        .with(as("ADMINISTRATOR", Somebody.ADMINISTRATOR))
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"seenEdits\": 0, \"message\": \"\", "
                                + "\"days\": [{\"on\": \"2027-04-21\", \"decision\": \"APPROVED\"}]}"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value("Please decide every day of the request."));
    }

    private ResultActions preview(String days, String note) throws Exception {
        return http.perform(post("/api/requests/preview")
                .with(csrf())
                .with(kerensa())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"personId\": 27, \"policyId\": 1, \"days\": [" + days + "], \"note\": " + note + "}"));
    }

    private static RequestPostProcessor kerensa() {
        return as("EMPLOYEE", Somebody.employee(27));
    }

    private static RequestPostProcessor as(String role, Object principal) {
        return authentication(UsernamePasswordAuthenticationToken.authenticated(
                principal, null, List.of(new SimpleGrantedAuthority("ROLE_" + role))));
    }
}
