package upahead.server.holidays;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import upahead.server.Somebody;
import upahead.server.WithDemo;

/** The calendar of Brindlemoor, site 1, as the pages ask for it and change it. */
@WithDemo
class HolidaysOverHttpTest {

    private static final String RULE =
            """
            {"name": "Lantern night", "sort": "NTH_WEEKDAY", "month": 11, "day": null, "nth": -1, "weekday": "FRIDAY",
             "daysFromEaster": null, "observed": "THAT_DAY", "half": false, "days": 1}
            """;
    private static final String PAY =
            """
            {"siteId": 1, "fixedHours": "6", "byFte": true, "employmentTypes": ["HOURLY", "SALARIED"],
             "payrollCode": "HOLI"}
            """;

    @Autowired
    private MockMvc http;

    @Test
    void aRuleIsAddedLookedAtAndTakenForAYear() throws Exception {
        send(post("/api/holidays/1/rules"), RULE)
                .andExpect(status().is2xxSuccessful())
                .andExpect(jsonPath("$.rules[?(@.rule.name == 'Lantern night')].siteId")
                        .value(1));
        as(get("/api/holidays/1/years/2028"))
                .andExpect(jsonPath("$.days[?(@.name == 'Lantern night')].on").value("2028-11-24"))
                .andExpect(
                        jsonPath("$.days[?(@.name == 'Lantern night')].state").value("NEW"));
        as(get("/api/holidays"))
                .andExpect(jsonPath("$.holidays[?(@.on == '2028-11-24')]").isEmpty());
        as(post("/api/holidays/1/years/2028")).andExpect(status().isOk());
        as(get("/api/holidays"))
                .andExpect(jsonPath("$.holidays[?(@.on == '2028-11-24')].name").value("Lantern night"));
        as(get("/api/holidays/1/years/2028"))
                .andExpect(jsonPath("$.days[*].state", Matchers.everyItem(Matchers.is("SAME"))));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"Lantern night\"|\"\"|name",
                "\"month\": 11|\"month\": null|month",
                "\"month\": 11|\"month\": 13|day",
                "\"nth\": -1|\"nth\": null|nth",
                "\"weekday\": \"FRIDAY\"|\"weekday\": null|weekday",
                "\"weekday\": \"FRIDAY\"|\"weekday\": \"PAYDAY\"|weekday",
                "\"days\": 1|\"days\": 0|days",
            })
    void aRuleThatIsNoneNamesItsField(String part, String other, String field) throws Exception {
        assertThat(RULE).contains(part);
        send(post("/api/holidays/1/rules"), RULE.replace(part, other))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail").isNotEmpty());
    }

    @Test
    void aSingleDayIsAddedMovedAndTakenAway() throws Exception {
        send(post("/api/holidays/1/days"), "{\"on\": \"2027-09-06\", \"name\": \"Harvest\", \"half\": true}")
                .andExpect(status().is2xxSuccessful());
        send(post("/api/holidays/1/days"), "{\"on\": \"2027-09-06\", \"name\": \"Another\", \"half\": false}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("on"));
        send(put("/api/holidays/1/days/2027-09-06"), "{\"on\": \"2027-09-07\", \"name\": \"Harvest\", \"half\": false}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.holidays[?(@.on == '2027-09-06')]").isEmpty())
                .andExpect(jsonPath("$.holidays[?(@.on == '2027-09-07')].half").value(false));
        as(delete("/api/holidays/1/days/2027-09-07")).andExpect(status().is2xxSuccessful());
        as(delete("/api/holidays/1/days/2027-09-07")).andExpect(status().isNotFound());
    }

    @Test
    void howHolidaysArePaidIsKeptForEachSite() throws Exception {
        send(put("/api/holidays/pay"), PAY)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.pay[?(@.siteId == 1)].fixedHours").value("6"))
                .andExpect(jsonPath("$.pay[?(@.siteId == 1)].payrollCode").value("HOLI"))
                .andExpect(jsonPath("$.pay[?(@.siteId == 2)].payrollCode").value("HOL"));
        send(put("/api/holidays/pay"), PAY.replace("\"6\"", "\"25\"")).andExpect(status().isUnprocessableEntity());
        send(put("/api/holidays/pay"), PAY.replace("HOLI", " "))
                .andExpect(jsonPath("$.field").value("payrollCode"));
    }

    @Test
    void theCalendarGoesOutAndComesInAgain() throws Exception {
        byte[] calendar = as(get("/api/holidays/1/calendar"))
                .andExpect(header().string("Content-Type", Matchers.startsWith("text/calendar")))
                .andExpect(header().string("Content-Disposition", Matchers.containsString(".ics")))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(new String(calendar, StandardCharsets.UTF_8)).startsWith("BEGIN:VCALENDAR");
        http.perform(multipart("/api/holidays/2/file/preview")
                        .file(new MockMultipartFile("file", "brindlemoor.ics", "text/calendar", calendar))
                        .with(csrf())
                        .with(administrator()))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.days[*].state", Matchers.hasItems("NEW", "SAME")));
        http.perform(multipart("/api/holidays/2/file/preview")
                        .file(new MockMultipartFile("file", "empty.ics", "text/calendar", new byte[0]))
                        .with(csrf())
                        .with(administrator()))
                .andExpect(status().isUnprocessableEntity());
    }

    private ResultActions send(MockHttpServletRequestBuilder request, String body) throws Exception {
        return as(request.contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private ResultActions as(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request.with(csrf()).with(administrator()));
    }

    private static RequestPostProcessor administrator() {
        return SecurityMockMvcRequestPostProcessors.authentication(new UsernamePasswordAuthenticationToken(
                Somebody.ADMINISTRATOR, null, List.of(new SimpleGrantedAuthority("ROLE_ADMINISTRATOR"))));
    }
}
