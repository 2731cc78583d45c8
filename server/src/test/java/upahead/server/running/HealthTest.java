package upahead.server.running;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.actuate.observability.AutoConfigureObservability;
import org.springframework.test.web.servlet.MockMvc;
import upahead.server.Somebody;
import upahead.server.WithDemo;

@WithDemo
@AutoConfigureObservability(tracing = false)
class HealthTest {

    @Autowired
    private MockMvc http;

    @ParameterizedTest
    @ValueSource(strings = {"/running/health/liveness", "/running/health/readiness"})
    void whoeverStartsProgramsLearnsOneWord(String path) throws Exception {
        http.perform(get(path)).andExpect(status().isOk()).andExpect(content().json("{\"status\":\"UP\"}", true));
    }

    @ParameterizedTest
    @ValueSource(strings = {"/running", "/running/health", "/running/metrics", "/running/prometheus"})
    void everythingElseNeedsThePermission(String path) throws Exception {
        http.perform(get(path)).andExpect(status().isUnauthorized());
        http.perform(get(path).with(Somebody.as(Somebody.employee(27)))).andExpect(status().isForbidden());
        http.perform(get(path).with(Somebody.as(Somebody.ADMINISTRATOR))).andExpect(status().isOk());
    }

    @Test
    void anAdministratorSeesWhatIsWellAndHowLongThingsTake() throws Exception {
        http.perform(get("/api/people").with(Somebody.as(Somebody.ADMINISTRATOR)));
        http.perform(get("/running/health").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(jsonPath("$.components.db.status").value("UP"))
                .andExpect(jsonPath("$.components.backup.status").value("UP"));
        http.perform(get("/running/prometheus").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(content().string(containsString("upahead_statements_seconds_count")))
                .andExpect(content().string(containsString("hikaricp_connections_active")))
                .andExpect(content().string(not(containsString("Saltonstall"))));
    }
}
