package upahead.server.platform.audit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;

@WithDemo
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class LooksTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    private final SignedIn somebody = new SignedIn(1, "ada", "Ada " + UUID.randomUUID(), Role.ADMINISTRATOR, null);

    @Test
    void whoLookedAtPayRatesOrTookAFileOutStandsInTheTrailOnceAnHour() throws Exception {
        look("/api/pay-rates/people/27");
        look("/api/pay-rates/people/27");
        look("/api/pay-rates/people/28");
        look("/api/pay-rates?asOf=2027-04-26");
        look("/api/pay-rates/table.csv?asOf=2027-04-26");
        look("/api/people");
        assertThat(noted())
                .containsExactly(
                        "person 27 looked at pay rates",
                        "person 28 looked at pay rates",
                        "company 0 looked at everybody's pay rates",
                        "company 0 took out pay-rates-2027-04-26.csv");
    }

    @Test
    void whoWasRefusedLookedAtNothing() throws Exception {
        http.perform(get("/api/pay-rates/people/27").with(Somebody.as(Somebody.employee(27))))
                .andExpect(status().isForbidden());
        assertThat(noted()).isEmpty();
    }

    private void look(String path) throws Exception {
        http.perform(get(path).with(Somebody.as(somebody))).andExpect(status().isOk());
    }

    private List<String> noted() {
        return sql.queryForList(
                "select concat(subject, ' ', subject_id, ' ', what) from audit_record where actor = ? order by id",
                String.class,
                somebody.name());
    }
}
