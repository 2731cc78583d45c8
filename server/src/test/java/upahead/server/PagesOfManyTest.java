package upahead.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** What lists everybody comes a page at a time, however many they are. */
@WithDemo
class PagesOfManyTest {

    private static final String RATES = "/api/pay-rates?asOf=2027-04-26";
    private static final String YEAR_END = "/api/policies/1/year-ends/2028";

    @Autowired
    private MockMvc http;

    @Autowired
    private ObjectMapper json;

    @Test
    void payRatesGoOnWhereTheLastPageEnded() throws Exception {
        JsonNode all = ask(RATES + "&size=200");
        JsonNode second = ask(RATES + "&size=10&page=1");
        assertThat(second.path("total")).isEqualTo(all.path("total"));
        assertThat(names(second)).isEqualTo(names(all).subList(10, 20));
        JsonNode without = ask(RATES + "&without=true&size=200");
        assertThat(without.path("total").asInt())
                .isPositive()
                .isEqualTo(all.path("without").asInt());
        assertThat(ask(RATES + "&search=kerensa GROUNDS").path("total").asInt()).isOne();
    }

    @Test
    void aYearsEndShowsTheFirstAndChoosesAllWhoAreWanted() throws Exception {
        JsonNode losing = ask(YEAR_END + "?show=LOSING&size=1");
        int wanted = losing.path("wanted").asInt();
        assertThat(wanted).isEqualTo(losing.path("all").path("losing").asInt()).isGreaterThan(1);
        assertThat(losing.path("rows")).hasSize(1);
        assertThat(ask(YEAR_END + "/people?show=LOSING")).hasSize(wanted);
    }

    @Test
    void whoIsCoveredTwiceIsCountedThoughNotAllAreShown() throws Exception {
        JsonNode doubled = ask("/api/policies/doubled?on=2027-04-26");
        assertThat(doubled.path("total").asInt())
                .isEqualTo(doubled.path("items").size());
    }

    @ParameterizedTest
    @ValueSource(strings = {RATES + "&size=100000", "/api/openings/1?size=100000", YEAR_END + "?size=100000"})
    void nobodyAsksForEverybodyAtOnce(String path) throws Exception {
        http.perform(get(path).with(Somebody.as(Somebody.ADMINISTRATOR))).andExpect(status().isBadRequest());
    }

    private JsonNode ask(String path) throws Exception {
        return json.readTree(http.perform(get(path).with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    private static List<String> names(JsonNode page) {
        return page.path("items").findValuesAsText("person");
    }
}
