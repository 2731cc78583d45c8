package upahead.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.mock.web.MockPart;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.RequestBuilder;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import upahead.server.Somebody;

/** Two administrators, or one with a nervous finger, send the same thing at the same moment: it happens once. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:moment;DB_CLOSE_DELAY=-1")
@AutoConfigureMockMvc
@ActiveProfiles("demo")
class SameMomentTest {

    private static final String NEWCOMER =
            """
            {"details": {"code": "M1", "name": "Moment Newcomer", "email": null, "serviceFrom": "2027-05-03",
                         "clockCode": null},
             "placing": {"siteId": 1, "teamId": 1, "employmentType": "HOURLY", "payGroupId": 1, "approverId": null},
             "hired": "2027-05-03", "lastDay": null, "week": ["8", "8", "8", "8", "8", "0", "0"], "fte": "1"}
            """;
    private static final String FILE =
            """
            Code,Name,Site,Team,Pay group,Hired
            M2,Moment Second,Brindlemoor,Grounds,Hourly staff,2027-05-03
            M3,Moment Third,Brindlemoor,Grounds,Hourly staff,2027-05-03
            """;

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    private final ExecutorService both = Executors.newFixedThreadPool(2);

    @AfterEach
    void stop() {
        both.shutdownNow();
    }

    @Test
    void onePersonIsAdded() throws Exception {
        onlyOneOf(twice(() -> json(post("/api/people"), NEWCOMER)));
        assertThat(count("person where code = 'M1'")).isEqualTo(1);
        assertThat(count("enrolment where person_id = (select id from person where code = 'M1')"))
                .isPositive();
    }

    @Test
    void aFileIsTakenOnce() throws Exception {
        List<MockHttpServletResponse> answers = twice(() -> multipart("/api/people/import")
                .file(new MockMultipartFile("file", "people.csv", "text/csv", FILE.getBytes(StandardCharsets.UTF_8)))
                .part(reading()));
        assertThat(answers).anySatisfy(answer -> assertThat(answer.getStatus()).isEqualTo(200));
        assertThat(answers).allSatisfy(SameMomentTest::saysItInASentence);
        assertThat(count("person where code in ('M2', 'M3')")).isEqualTo(2);
        assertThat(count("audit_record where what = 'added a person' and after_change like '%Moment Second%'"))
                .isEqualTo(1);
    }

    @Test
    void aSiteIsAddedOnce() throws Exception {
        onlyOneOf(twice(() -> json(post("/api/organisation/sites"), "{\"name\": \"Moment Mill\"}")));
        assertThat(count("site where name = 'Moment Mill'")).isEqualTo(1);
    }

    @Test
    void aDraftIsPutInForceOnce() throws Exception {
        long draft = sql.queryForObject("select id from policy_version where state = 'DRAFT'", Long.class);
        onlyOneOf(
                twice(
                        () -> json(
                                post("/api/policies/2/versions/" + draft + "/in-force"),
                                """
                {"seenEdits": 0, "from": "2028-01-01", "reason": null,
                 "coverage": {"byRule": true, "types": [], "teams": [], "notTeams": [], "sites": [], "named": [], "excluded": []}}
                """)));
        assertThat(count("policy_version where policy_id = 2 and starts = date '2028-01-01'"))
                .isEqualTo(1);
        assertThat(count("enrolment where policy_id = 2"))
                .isEqualTo(count("(select distinct person_id from enrolment where policy_id = 2)"));
    }

    @Test
    void somebodyIsInvitedOnce() throws Exception {
        onlyOneOf(twice(() -> json(post("/api/people/30/sign-in"), "{\"role\": \"EMPLOYEE\"}")));
        assertThat(count("sign_in where person_id = 30")).isEqualTo(1);
    }

    @Test
    void anOpeningBalanceIsSetOnce() throws Exception {
        List<MockHttpServletResponse> answers = twice(
                () -> json(
                        post("/api/openings"),
                        """
                {"reason": "counted again",
                 "rows": [{"personId": 31, "policyId": 1, "on": "2027-01-01", "balance": "3", "earnedThisYear": "0",
                           "usedThisYear": "0", "hoursTowardNextStep": "0"}]}
                """));
        assertThat(answers).allSatisfy(SameMomentTest::saysItInASentence);
        assertThat(count("opening_balance where person_id = 31 and policy_id = 1"))
                .isEqualTo(1);
    }

    @Test
    void ofTwoOtherSettingsOneHoldsAndTheOtherIsTold() throws Exception {
        int edits = sql.queryForObject("select edits from policy where id = 8", Integer.class);
        List<MockHttpServletResponse> answers = twice(() -> json(
                put("/api/policies/8/settings"),
                """
                {"seenEdits": %d, "settings": {"name": "Volunteering", "kind": "VOLUNTEERING", "paid": true,
                 "payrollCode": "VOL", "rules": {"holidaysCost": false, "daysOffCost": false, "noticeDays": 3,
                 "noteRequired": false, "leaveIn": "HOURS", "smallestStep": null, "documentFromDays": null,
                 "questions": [], "signOffs": null, "seenBy": "TEAM", "kindShows": false}}}
                """
                        .formatted(edits)));
        onlyOneOf(answers);
        assertThat(sql.queryForObject("select edits from policy where id = 8", Integer.class))
                .isEqualTo(edits + 1);
    }

    @Test
    void ofTwoWhoChangeOnesDetailsTheSecondIsTold() throws Exception {
        String details =
                """
                {"code": "%s", "name": "%s", "email": %s, "serviceFrom": "%s", "clockCode": %s}
                """;
        String seen = sql.queryForObject(
                "select code || '|' || name || '|' || coalesce(email, '') || '|' || service_from || '|'"
                        + " || coalesce(clock_code, '') from person where id = 33",
                String.class);
        String[] parts = seen.split("\\|", -1);
        String before = details.formatted(parts[0], parts[1], quoted(parts[2]), parts[3], quoted(parts[4]));
        String renamed = details.formatted(parts[0], "Renamed Person", quoted(parts[2]), parts[3], quoted(parts[4]));
        String mailed = details.formatted(parts[0], parts[1], "\"new@example.com\"", parts[3], quoted(parts[4]));
        onlyOneOf(atOnce(
                () -> json(put("/api/people/33/details"), change(before, renamed)),
                () -> json(put("/api/people/33/details"), change(before, mailed))));
    }

    private static String quoted(String text) {
        return text.isEmpty() ? "null" : "\"" + text + "\"";
    }

    private static String change(String seen, String details) {
        return "{\"seen\": " + seen + ", \"details\": " + details + "}";
    }

    @Test
    void ofTwoWhoChangeTheHoursOfADayTheSecondIsTold() throws Exception {
        String day = sql.queryForObject(
                "select max(on_date) from work_entry where person_id = 27 and kind = 'regular'", String.class);
        String hours = sql.queryForObject(
                "select hours from work_entry where person_id = 27 and kind = 'regular' and on_date = date '" + day
                        + "'",
                String.class);
        String form =
                "{\"on\": \"%s\", \"kind\": \"regular\", \"seen\": \"%s\", \"hours\": \"%s\", \"reason\": \"test\"}";
        onlyOneOf(atOnce(
                () -> json(put("/api/people/27/hours"), form.formatted(day, hours, "2.25")),
                () -> json(put("/api/people/27/hours"), form.formatted(day, hours, "3.75"))));
    }

    @Test
    void ofTwoWhoChangeTheFteFromOneDayTheSecondIsTold() throws Exception {
        String form = "{\"seen\": {\"fte\": \"1\", \"week\": [\"8\", \"8\", \"8\", \"8\", \"8\", \"0\", \"0\"]},"
                + " \"from\": \"2027-06-01\", \"fte\": \"%s\", \"week\": null}";
        onlyOneOf(atOnce(
                () -> json(put("/api/people/27/working-time"), form.formatted("0.8")),
                () -> json(put("/api/people/27/working-time"), form.formatted("0.6"))));
    }

    @Test
    void ofTwoAdministratorsWhoDemoteEachOtherOneStays() throws Exception {
        sql.update("update sign_in set active = false where role = 'ADMINISTRATOR'");
        for (int person : new int[] {35, 36}) {
            http.perform(json(post("/api/people/" + person + "/sign-in"), "{\"role\": \"ADMINISTRATOR\"}")
                            .with(csrf())
                            .with(authentication(CurrentUser.authentication(Somebody.ADMINISTRATOR))))
                    .andReturn();
        }
        String demoted = "{\"role\": \"EMPLOYEE\", \"active\": true}";
        onlyOneOf(atOnce(
                () -> json(put("/api/people/35/sign-in"), demoted),
                () -> json(put("/api/people/36/sign-in"), demoted)));
        assertThat(count("sign_in where role = 'ADMINISTRATOR' and active")).isEqualTo(1);
        sql.update("update sign_in set active = true where role = 'ADMINISTRATOR'");
    }

    @Test
    void aLinkSetsAPasswordOnce() throws Exception {
        http.perform(json(post("/api/people/37/sign-in"), "{\"role\": \"EMPLOYEE\"}")
                        .with(csrf())
                        .with(authentication(CurrentUser.authentication(Somebody.ADMINISTRATOR))))
                .andReturn();
        String mail = sql.queryForObject(
                "select body from mail_message where recipient_id = 37 order by id desc limit 1", String.class);
        String token = mail.substring(mail.lastIndexOf('/') + 1);
        onlyOneOf(twice(() -> json(
                post("/api/session/password"),
                "{\"token\": \"" + token + "\", \"password\": \"a garden behind seven walls\"}")));
    }

    @Test
    void ofTwoDecisionsOneHolds() throws Exception {
        long request = sql.queryForObject("select min(id) from leave_request where state = 'WAITING'", Long.class);
        int edits = sql.queryForObject("select edits from leave_request where id = " + request, Integer.class);
        List<String> days =
                sql.queryForList("select on_date from leave_day where request_id = " + request, String.class);
        onlyOneOf(atOnce(
                () -> json(post("/api/requests/" + request + "/decision"), decided(edits, days, "APPROVED")),
                () -> json(post("/api/requests/" + request + "/decision"), decided(edits, days, "DECLINED"))));
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

    private static void onlyOneOf(List<MockHttpServletResponse> answers) {
        assertThat(answers).allSatisfy(SameMomentTest::saysItInASentence);
        assertThat(answers.stream().filter(answer -> answer.getStatus() < 300)).hasSize(1);
    }

    /** Whoever comes second is told so, not that something went wrong. */
    private static void saysItInASentence(MockHttpServletResponse answer) throws Exception {
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isIn(200, 201, 409, 422);
    }

    private List<MockHttpServletResponse> twice(Supplier<? extends AbstractMockHttpServletRequestBuilder<?>> request)
            throws Exception {
        return atOnce(request, request);
    }

    private List<MockHttpServletResponse> atOnce(
            Supplier<? extends AbstractMockHttpServletRequestBuilder<?>> first,
            Supplier<? extends AbstractMockHttpServletRequestBuilder<?>> second)
            throws Exception {
        CyclicBarrier start = new CyclicBarrier(2);
        Future<MockHttpServletResponse> one = both.submit(sending(first, start));
        Future<MockHttpServletResponse> other = both.submit(sending(second, start));
        return List.of(one.get(), other.get());
    }

    private Callable<MockHttpServletResponse> sending(
            Supplier<? extends AbstractMockHttpServletRequestBuilder<?>> request, CyclicBarrier start) {
        return () -> {
            RequestBuilder ready =
                    request.get().with(csrf()).with(authentication(CurrentUser.authentication(Somebody.ADMINISTRATOR)));
            start.await();
            return http.perform(ready).andReturn().getResponse();
        };
    }

    private static MockHttpServletRequestBuilder json(MockHttpServletRequestBuilder request, String body) {
        return request.contentType(MediaType.APPLICATION_JSON).content(body);
    }

    private static MockPart reading() {
        MockPart part = new MockPart(
                "reading",
                "{\"columns\": null, \"order\": null, \"changesFrom\": \"2027-04-26\", \"token\": null}"
                        .getBytes(StandardCharsets.UTF_8));
        part.getHeaders().setContentType(MediaType.APPLICATION_JSON);
        return part;
    }

    private int count(String of) {
        return sql.queryForObject("select count(*) from " + of, Integer.class);
    }
}
