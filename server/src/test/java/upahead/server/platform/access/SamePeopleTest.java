package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
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
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;
import upahead.server.OnDemoData;
import upahead.server.TestDatabases;

/** Two who change the same people in the same moment. */
@Tag(TestDatabases.ON_BOTH)
@SpringBootTest
@ContextConfiguration(initializers = OnDemoData.class)
@AutoConfigureMockMvc
@ActiveProfiles("demo")
class SamePeopleTest {

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
    void onePersonIsAdded() throws Exception {
        AtOnce.onlyOneOf(atOnce.twice(() -> AtOnce.json(post("/api/people"), NEWCOMER)));
        assertThat(count("person where code = 'M1'")).isEqualTo(1);
        assertThat(count("enrolment where person_id = (select id from person where code = 'M1')"))
                .isPositive();
    }

    @Test
    void aFileIsTakenOnce() throws Exception {
        List<MockHttpServletResponse> answers = atOnce.twice(() -> multipart("/api/people/import")
                .file(new MockMultipartFile("file", "people.csv", "text/csv", FILE.getBytes(StandardCharsets.UTF_8)))
                .part(reading()));
        assertThat(answers).anySatisfy(answer -> assertThat(answer.getStatus()).isEqualTo(200));
        assertThat(answers).allSatisfy(AtOnce::saysItInASentence);
        assertThat(count("person where code in ('M2', 'M3')")).isEqualTo(2);
        assertThat(count("audit_record where what = 'added a person' and after_change like '%Moment Second%'"))
                .isEqualTo(1);
    }

    @Test
    void aSiteIsAddedOnce() throws Exception {
        AtOnce.onlyOneOf(
                atOnce.twice(() -> AtOnce.json(post("/api/organisation/sites"), "{\"name\": \"Moment Mill\"}")));
        assertThat(count("site where name = 'Moment Mill'")).isEqualTo(1);
    }

    @Test
    void somebodyIsInvitedOnce() throws Exception {
        AtOnce.onlyOneOf(atOnce.twice(() -> AtOnce.json(post("/api/people/30/sign-in"), "{\"role\": \"EMPLOYEE\"}")));
        assertThat(count("sign_in where person_id = 30")).isEqualTo(1);
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
        AtOnce.onlyOneOf(atOnce.both(
                () -> AtOnce.json(put("/api/people/33/details"), change(before, renamed)),
                () -> AtOnce.json(put("/api/people/33/details"), change(before, mailed))));
    }

    private static String quoted(String text) {
        return text.isEmpty() ? "null" : "\"" + text + "\"";
    }

    private static String change(String seen, String details) {
        return "{\"seen\": " + seen + ", \"details\": " + details + "}";
    }

    @Test
    void ofTwoWhoChangeTheFteFromOneDayTheSecondIsTold() throws Exception {
        String form = "{\"seen\": {\"fte\": \"1\", \"week\": [\"8\", \"8\", \"8\", \"8\", \"8\", \"0\", \"0\"]},"
                + " \"from\": \"2027-06-01\", \"fte\": \"%s\", \"week\": null}";
        AtOnce.onlyOneOf(atOnce.both(
                () -> AtOnce.json(put("/api/people/28/working-time"), form.formatted("0.8")),
                () -> AtOnce.json(put("/api/people/28/working-time"), form.formatted("0.6"))));
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
