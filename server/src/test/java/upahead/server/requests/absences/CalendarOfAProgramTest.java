package upahead.server.requests.absences;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.rights.Permission;

/** A program decides for nobody, also where somebody has no approver; with the right to see everybody it sees them. */
@WithDemo
class CalendarOfAProgramTest {

    private static final long KERENSA = 27;

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    @Test
    void whoHasNoApproverIsNotThePrograms() throws Exception {
        sql.update("update person_placement set approver_id = null where person_id = ?", KERENSA);
        team(Permission.DECIDE_FOR_THE_ASSIGNED)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.people[?(@.personId == 27)]").isEmpty());
        team(Permission.SEE_EVERYBODY)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.people[?(@.personId == 27)]").isNotEmpty());
    }

    @Test
    void theCalendarOfAllTeamsIsAnswered() throws Exception {
        http.perform(get("/api/calendar")
                        .param("from", "2027-06-14")
                        .param("through", "2027-06-18")
                        .with(Somebody.as(program(Permission.DECIDE_FOR_THE_ASSIGNED))))
                .andExpect(status().isOk());
    }

    /** In a week in which Kerensa is not away. */
    private ResultActions team(Permission permission) throws Exception {
        long team = sql.queryForObject("select team_id from person_placement where person_id = ?", Long.class, KERENSA);
        return http.perform(get("/api/calendar/teams/" + team)
                .param("from", "2027-06-14")
                .param("through", "2027-06-18")
                .with(Somebody.as(program(permission))));
    }

    private static SignedIn program(Permission permission) {
        return new SignedIn(1, "ada", "A program, for Ada Payroll", Role.ADMINISTRATOR, null, Set.of(permission));
    }
}
