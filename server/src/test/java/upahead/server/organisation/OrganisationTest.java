package upahead.server.organisation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.security.test.context.support.WithMockUser;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import upahead.server.WithDemo;
import upahead.server.employment.People;

/** Sites, teams and pay groups, as the pages send them. */
@WithDemo
@WithMockUser(roles = "ADMINISTRATOR")
class OrganisationTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Organisation organisation;

    @Autowired
    private People people;

    @ParameterizedTest
    @CsvSource({"sites, 'Mill House'", "teams, '  Dye works '"})
    void aNewOneHasItsNameWithoutSpacesAround(String kind, String name) throws Exception {
        send(post("/api/organisation/" + kind), name)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.name").value(name.strip()))
                .andExpect(jsonPath("$.id").isNumber());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "sites|saltmarsh NURSERY|There is one called saltmarsh NURSERY already.",
                "teams| Grounds |There is one called Grounds already.",
                "teams|''|Please give a name.",
                "sites|a name of more than eighty characters, which nobody would want to read in any list at all"
                        + "|A name has at most 80 characters.",
            })
    void aNameIsGivenOnceAndShort(String kind, String name, String message) throws Exception {
        send(post("/api/organisation/" + kind), name)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("name"))
                .andExpect(jsonPath("$.detail").value(message));
    }

    @Test
    void aTeamIsRenamedForEverybodyInIt() throws Exception {
        long team = people.get(27).teamId();
        send(put("/api/organisation/teams/" + team), "Gardens").andExpect(status().isOk());
        assertThat(people.get(27).team()).isEqualTo("Gardens");
        send(put("/api/organisation/teams/" + team), "gardens").andExpect(status().isOk());
        send(put("/api/organisation/teams/" + team), "Office").andExpect(status().isUnprocessableEntity());
        send(put("/api/organisation/teams/9999"), "Elsewhere")
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail").value("There is no such team."));
    }

    @Test
    void aPayGroupSaysHowLongItsPeriodsAreAndWhereOneBegins() throws Exception {
        http.perform(post("/api/organisation/pay-groups")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"name\": \"Casuals\", \"every\": \"WEEK\", \"anchor\": \"2027-04-29\"}"))
                .andExpect(status().isCreated());
        assertThat(organisation.payGroups())
                .filteredOn(group -> group.name().equals("Casuals"))
                .singleElement()
                .satisfies(group -> assertThat(group.calendar()
                                .periodOf(LocalDate.of(2027, 5, 6))
                                .first())
                        .isEqualTo("2027-05-06"));
        http.perform(post("/api/organisation/pay-groups")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"name\": \"Others\", \"every\": \"WEEK\", \"anchor\": null}"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("anchor"));
    }

    @Test
    @WithMockUser(roles = "APPROVER")
    void onlyAnAdministratorChangesThem() throws Exception {
        send(post("/api/organisation/teams"), "Mine").andExpect(status().isForbidden());
    }

    private ResultActions send(MockHttpServletRequestBuilder request, String name) throws Exception {
        return http.perform(
                request.with(csrf()).contentType(MediaType.APPLICATION_JSON).content("{\"name\": \"" + name + "\"}"));
    }
}
