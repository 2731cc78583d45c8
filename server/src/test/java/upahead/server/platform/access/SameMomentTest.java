package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;
import upahead.core.quantity.Amount;
import upahead.server.OnDemoData;
import upahead.server.Somebody;
import upahead.server.TestDatabases;

/** Two administrators, or one with a nervous finger, send the same thing at the same moment: it happens once. */
@Tag(TestDatabases.ON_BOTH)
@SpringBootTest
@ContextConfiguration(initializers = OnDemoData.class)
@AutoConfigureMockMvc
@ActiveProfiles("demo")
class SameMomentTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    private AtOnce atOnce;

    @BeforeEach
    void start() {
        atOnce = new AtOnce(http);
    }

    @AfterEach
    void stop() {
        atOnce.close();
    }

    @Test
    void aDraftIsPutInForceOnce() throws Exception {
        long draft = sql.queryForObject("select id from policy_version where state = 'DRAFT'", Long.class);
        AtOnce.onlyOneOf(
                atOnce.twice(
                        () -> AtOnce.json(
                                post("/api/policies/2/versions/" + draft + "/in-force"),
                                """
                {"seenEdits": 0, "from": "2028-01-01", "reason": "agreed",
                 "coverage": {"byRule": true, "types": [], "teams": [], "notTeams": [], "sites": [], "named": [], "excluded": []}}
                """)));
        assertThat(count("policy_version where policy_id = 2 and starts = date '2028-01-01'"))
                .isEqualTo(1);
        assertThat(count("enrolment where policy_id = 2"))
                .isEqualTo(count("(select distinct person_id from enrolment where policy_id = 2) enrolled"));
    }

    @Test
    void anOpeningBalanceIsSetOnce() throws Exception {
        List<MockHttpServletResponse> answers = atOnce.twice(
                () -> AtOnce.json(
                        post("/api/openings"),
                        """
                {"reason": "counted again",
                 "rows": [{"personId": 31, "policyId": 1, "on": "2027-01-01", "balance": "3", "earnedThisYear": "0",
                           "usedThisYear": "0", "hoursTowardNextStep": "0"}]}
                """));
        assertThat(answers).allSatisfy(AtOnce::saysItInASentence);
        assertThat(count("opening_balance where person_id = 31 and policy_id = 1"))
                .isEqualTo(1);
    }

    @Test
    void ofTwoOtherSettingsOneHoldsAndTheOtherIsTold() throws Exception {
        int edits = sql.queryForObject("select edits from policy where id = 8", Integer.class);
        List<MockHttpServletResponse> answers = atOnce.twice(() -> AtOnce.json(
                put("/api/policies/8/settings"),
                """
                {"seenEdits": %d, "settings": {"name": "Volunteering", "kind": "VOLUNTEERING", "paid": true,
                 "payrollCode": "VOL", "rules": {"holidaysCost": false, "daysOffCost": false, "noticeDays": 3,
                 "noteRequired": false, "leaveIn": "HOURS", "smallestStep": null, "documentFromDays": null,
                 "questions": [], "signOffs": null, "seenBy": "TEAM", "kindShows": false}}}
                """
                        .formatted(edits)));
        AtOnce.onlyOneOf(answers);
        assertThat(sql.queryForObject("select edits from policy where id = 8", Integer.class))
                .isEqualTo(edits + 1);
    }

    @Test
    void ofTwoWhoChangeTheHoursOfADayTheSecondIsTold() throws Exception {
        String day = sql.queryForObject(
                "select max(on_date) from work_entry where person_id = 27 and kind = 'regular'", String.class);
        BigDecimal hours = sql.queryForObject(
                "select hours from work_entry where person_id = 27 and kind = 'regular' and on_date = date '" + day
                        + "'",
                BigDecimal.class);
        String form = "{\"days\": [{\"on\": \"%s\", \"seen\": \"%sh\", \"line\": \"%sh\"}], \"reason\": \"test\"}";
        AtOnce.onlyOneOf(atOnce.both(
                () -> AtOnce.json(put("/api/people/27/card/days"), form.formatted(day, new Amount(hours), "2.25")),
                () -> AtOnce.json(put("/api/people/27/card/days"), form.formatted(day, new Amount(hours), "3.75"))));
    }

    @Test
    void ofTwoAdministratorsWhoDemoteEachOtherOneStays() throws Exception {
        sql.update("update sign_in set active = false where role = 'ADMINISTRATOR'");
        for (int person : new int[] {35, 36}) {
            http.perform(AtOnce.json(post("/api/people/" + person + "/sign-in"), "{\"role\": \"ADMINISTRATOR\"}")
                            .with(csrf())
                            .with(authentication(CurrentUser.authentication(Somebody.ADMINISTRATOR))))
                    .andReturn();
        }
        String demoted = "{\"role\": \"EMPLOYEE\", \"active\": true}";
        AtOnce.onlyOneOf(atOnce.both(
                () -> AtOnce.json(put("/api/people/35/sign-in"), demoted),
                () -> AtOnce.json(put("/api/people/36/sign-in"), demoted)));
        assertThat(count("sign_in where role = 'ADMINISTRATOR' and active")).isEqualTo(1);
        sql.update("update sign_in set active = true where role = 'ADMINISTRATOR'");
    }

    @Test
    void aLinkSetsAPasswordOnce() throws Exception {
        http.perform(AtOnce.json(post("/api/people/37/sign-in"), "{\"role\": \"EMPLOYEE\"}")
                        .with(csrf())
                        .with(authentication(CurrentUser.authentication(Somebody.ADMINISTRATOR))))
                .andReturn();
        String mail = sql.queryForObject(
                "select body from mail_message where recipient_id = 37 order by id desc limit 1", String.class);
        String token = mail.substring(mail.lastIndexOf('/') + 1);
        AtOnce.onlyOneOf(atOnce.twice(() -> AtOnce.json(
                post("/api/session/password"),
                "{\"token\": \"" + token + "\", \"password\": \"a garden behind seven walls\"}")));
    }

    @Test
    void ofTwoDecisionsOneHolds() throws Exception {
        long request = sql.queryForObject("select min(id) from leave_request where state = 'WAITING'", Long.class);
        int edits = sql.queryForObject("select edits from leave_request where id = " + request, Integer.class);
        List<String> days =
                sql.queryForList("select on_date from leave_day where request_id = " + request, String.class);
        AtOnce.onlyOneOf(atOnce.both(
                () -> AtOnce.json(post("/api/requests/" + request + "/decision"), decided(edits, days, "APPROVED")),
                () -> AtOnce.json(post("/api/requests/" + request + "/decision"), decided(edits, days, "DECLINED"))));
    }

    private static String decided(int edits, List<String> days, String decision) {
        return "{\"seenEdits\": " + edits + ", \"message\": \"\", \"days\": ["
                + String.join(
                        ", ",
                        days.stream()
                                .map(day -> "{\"on\": \"" + day + "\", \"decision\": \"" + decision + "\"}")
                                .toList())
                + "]}";
    }

    private int count(String of) {
        return sql.queryForObject("select count(*) from " + of, Integer.class);
    }
}
