package upahead.server.staffing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import upahead.server.Somebody;
import upahead.server.WithDemo;

/** People as the pages add and change them: what is sent, what comes back, and which field is at fault. */
@WithDemo
class StaffingOverHttpTest {

    private static final String STARTER =
            """
            {"details": {"code": " N7 ", "name": "Nova Testwell", "email": null, "serviceFrom": "2027-05-03",
                         "clockCode": "4711"},
             "placing": {"siteId": 1, "teamId": 1, "employmentType": "HOURLY", "payGroupId": 1, "approverId": 4},
             "hired": "2027-05-03", "lastDay": null, "week": ["6", "6", "6", "6", "6", "0", "0"], "fte": "0.75"}
            """;

    /** The working time of Kerensa as the pages have seen it. */
    private static final String SEEN =
            "{\"fte\": \"1\", \"week\": [\"8\", \"8\", \"8\", \"8\", \"8\", \"0\", \"0\"], \"times\": ["
                    + Stream.of("MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY")
                            .map(StaffingOverHttpTest::early)
                            .collect(Collectors.joining(", "))
                    + "]}";

    @Autowired
    private MockMvc http;

    private static String early(String weekday) {
        return "{\"weekday\": \"" + weekday
                + "\", \"begins\": \"07:30\", \"ends\": \"16:00\", \"breakBegins\": \"12:00\", \"breakEnds\": \"12:30\"}";
    }

    @Test
    void somebodyNewComesBackWithWhatTheyAreEnrolledIn() throws Exception {
        send(post("/api/people"), STARTER)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.person.code").value("N7"))
                .andExpect(jsonPath("$.person.clockCode").value("4711"))
                .andExpect(jsonPath("$.person.approver").value("Corvin Harnquist"))
                .andExpect(jsonPath("$.enrolments[*].policy", Matchers.hasItem("Hourly leave")))
                .andExpect(jsonPath("$.enrolments[*].on", Matchers.everyItem(Matchers.is("2027-05-03"))));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\" N7 \"|\"\"|details.code|Please give a code.",
                "\" N7 \"|\"b127\"|code|The code b127 is taken already.",
                "\"4711\"|\"47\"|details.clockCode|A clock code has 4 to 12 digits.",
                "\"email\": null|\"email\": \"nova at home\"|details.email|This is no e-mail address.",
                "\"hired\": \"2027-05-03\"|\"hired\": null|hired|Please give the hire date.",
                "\"hired\": \"2027-05-03\"|\"hired\": \"2029-01-01\"|hired|The hire date is more than 18 months ahead.",
                "\"lastDay\": null|\"lastDay\": \"2027-05-02\"|lastDay|The last day is before the hire date.",
                "\"6\", \"6\", \"6\", \"6\", \"6\", \"0\", \"0\"|\"6\", \"6\"|week|A week has seven days.",
                "\"0.75\"|\"3\"|fte|The full-time equivalent must be between 0 and 2.",
                "\"0.75\"|\"most\"|fte|This must be a number.",
                "\"HOURLY\"|null|placing.employmentType|Please say how they are employed.",
            })
    void aStarterWhoCannotBeIsToldBesideTheField(String part, String other, String field, String message)
            throws Exception {
        assertThat(STARTER).contains(part);
        send(post("/api/people"), STARTER.replace(part, other))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail").value(message));
    }

    @Test
    void aMoveIsLookedAtMadeAndTakenBack() throws Exception {
        String office = move("2027-05-19", 6);
        send(post("/api/people/27/moves/preview"), office)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[?(@.policy == 'Time in lieu')].what").value("ENDS"));
        send(post("/api/people/27/moves"), office).andExpect(status().isOk());
        as(get("/api/people/27/history"))
                .andExpect(jsonPath("$.placements.length()").value(2))
                .andExpect(jsonPath("$.placements[1].from").value("2027-05-19"));
        send(post("/api/people/27/moves"), office)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(
                        jsonPath("$.detail").value("That is how it is on 19 May 2027 already; nothing would change."));
        as(delete("/api/people/27/moves/2027-05-19")).andExpect(status().isOk());
        as(delete("/api/people/27/moves/2027-05-19"))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail").value("There is no such change on that day."));
    }

    @Test
    void workingTimeChangesWholeOrNotAtAll() throws Exception {
        send(
                        put("/api/people/27/working-time"),
                        "{\"seen\": " + SEEN
                                + ", \"from\": \"2027-05-19\", \"fte\": \"0.5\", \"week\": [\"4\", \"4\", \"4\", \"4\", \"4\", \"0\", \"0\"]}")
                .andExpect(status().isOk());
        as(get("/api/people/27/history"))
                .andExpect(jsonPath("$.ftes[-1:].fte").value("0.5"))
                .andExpect(jsonPath("$.schedules[-1:].from").value("2027-05-19"));
        send(
                        put("/api/people/27/working-time"),
                        "{\"seen\": " + SEEN
                                + ", \"from\": \"2027-06-19\", \"fte\": \"0.6\", \"week\": [\"4\", null, \"4\", \"4\", \"4\", \"0\", \"0\"]}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("week[1]"));
        as(get("/api/people/27/history")).andExpect(jsonPath("$.ftes[-1:].fte").value("0.5"));
    }

    @Test
    void aPauseNeedsDaysInOrderAndAReason() throws Exception {
        send(
                        post("/api/people/27/pauses"),
                        "{\"from\": \"2027-06-01\", \"to\": \"2027-05-01\", \"reason\": \"sabbatical\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("to"));
        send(post("/api/people/27/pauses"), "{\"from\": \"2027-06-01\", \"to\": \"2027-06-30\", \"reason\": \" \"}")
                .andExpect(jsonPath("$.field").value("reason"));
        send(
                        post("/api/people/27/pauses"),
                        "{\"from\": \"2027-06-01\", \"to\": \"2027-06-30\", \"reason\": \"sabbatical\"}")
                .andExpect(status().isOk());
        as(delete("/api/people/27/changes/PAUSE/2027-06-01")).andExpect(status().isOk());
        as(delete("/api/people/27/changes/NAP/2027-06-01")).andExpect(status().isBadRequest());
    }

    @Test
    void somebodyLeavesStaysAfterAllLeavesAndComesBack() throws Exception {
        send(put("/api/people/27/last-day"), "{\"lastDay\": \"2027-05-31\"}")
                .andExpect(jsonPath("$.lastDay").value("2027-05-31"));
        send(put("/api/people/27/last-day"), "{\"lastDay\": null}")
                .andExpect(jsonPath("$.lastDay").isEmpty());
        send(post("/api/people/27/return"), STARTER)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("hired"));
        send(put("/api/people/27/last-day"), "{\"lastDay\": \"2027-04-30\"}").andExpect(status().isOk());
        send(post("/api/people/27/return"), STARTER)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.person.earlierId").value(27));
        send(put("/api/people/27/last-day"), "{\"lastDay\": null}")
                .andExpect(jsonPath("$.detail")
                        .value("This person has come back since; the earlier employment stays as it was."));
    }

    @Test
    void ofTwoWhoChangeDetailsTheSecondIsTold() throws Exception {
        String seen =
                """
                {"code": "B127", "name": "Kerensa Saltonstall", "email": "kerensa@brindlemoor.example",
                 "serviceFrom": "2021-06-07", "clockCode": "1271"}
                """;
        String first = seen.replace("1271", "4712");
        String second = seen.replace("Saltonstall", "Saltonstall-Wren");
        send(put("/api/people/27/details"), "{\"seen\": " + seen + ", \"details\": " + first + "}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.clockCode").value("4712"));
        send(put("/api/people/27/details"), "{\"seen\": " + seen + ", \"details\": " + second + "}")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", Matchers.startsWith("Somebody else changed these details meanwhile.")));
        as(get("/api/people/27")).andExpect(jsonPath("$.name").value("Kerensa Saltonstall"));
        send(put("/api/people/27/details"), "{\"seen\": " + first + ", \"details\": " + second + "}")
                .andExpect(jsonPath("$.name").value("Kerensa Saltonstall-Wren"));
    }

    @Test
    void approversInACircleAreNamed() throws Exception {
        send(
                        post("/api/people/4/moves"),
                        salaried(move("2027-05-19", 2)).replace("\"approverId\": 4", "\"approverId\": 27"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("approverId"))
                .andExpect(jsonPath("$.detail", Matchers.containsString("Kerensa Saltonstall, then Corvin Harnquist")));
    }

    private static String move(String from, int team) {
        return """
                {"from": "%s", "endings": [],
                 "placing": {"siteId": 1, "teamId": %d, "employmentType": "HOURLY", "payGroupId": 1, "approverId": 4}}
                """
                .formatted(from, team);
    }

    private static String salaried(String move) {
        return move.replace("HOURLY", "SALARIED").replace("\"payGroupId\": 1", "\"payGroupId\": 2");
    }

    private ResultActions send(MockHttpServletRequestBuilder request, String body) throws Exception {
        return as(request.contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private ResultActions as(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request.with(csrf())
                .with(authentication(new UsernamePasswordAuthenticationToken(
                        Somebody.ADMINISTRATOR, null, List.of(new SimpleGrantedAuthority("ROLE_ADMINISTRATOR"))))));
    }
}
