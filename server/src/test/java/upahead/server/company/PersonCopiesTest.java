package upahead.server.company;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import upahead.server.Somebody;
import upahead.server.WithDemo;

/** What is kept about Kerensa, whom Corvin decides for, as one file. */
@WithDemo
class PersonCopiesTest {

    private static final long KERENSA = 27;

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    @Test
    void everythingAboutSomebodyAndNothingAboutOthersIsInIt() throws Exception {
        Map<String, String> file = read(KERENSA);
        assertThat(file)
                .containsKeys(
                        "read-me.txt",
                        "tables/person.csv",
                        "tables/person_placement.csv",
                        "tables/leave_request.csv",
                        "tables/leave_day.csv",
                        "tables/posted_line.csv",
                        "tables/pay_statement.csv",
                        "tables/sign_in.csv",
                        "tables/audit_record.csv");
        assertThat(file.get("read-me.txt")).contains("Kerensa Saltonstall");
        assertThat(file.get("tables/person.csv")).hasLineCount(2).contains("kerensa@brindlemoor.example");
        assertThat(file.get("tables/sign_in.csv")).contains("kerensa").doesNotContain("$2a$");
        assertThat(file.get("tables/leave_request.csv"))
                .hasLineCount(1 + count("select count(*) from leave_request where person_id = " + KERENSA));
        assertThat(file.get("tables/leave_day.csv"))
                .hasLineCount(1
                        + count("select count(*) from leave_day where request_id in"
                                + " (select id from leave_request where person_id = " + KERENSA + ")"));
        assertThat(file).doesNotContainKeys("tables/policy.csv", "tables/pay_run.csv", "tables/second_step.csv");
        assertThat(String.join("", file.values())).doesNotContain("Merrin Umberleigh");
    }

    @Test
    void itIsForWhoeverKeepsTheCompany() throws Exception {
        http.perform(get("/api/people/27/everything").with(Somebody.as(Somebody.employee(KERENSA))))
                .andExpect(status().isForbidden());
        http.perform(get("/api/people/99999/everything").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(status().isNotFound());
    }

    private Map<String, String> read(long personId) throws Exception {
        byte[] answer = http.perform(
                        get("/api/people/" + personId + "/everything").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        return entries(answer);
    }

    private static Map<String, String> entries(byte[] zipped) throws IOException {
        Map<String, String> entries = new TreeMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(zipped), StandardCharsets.UTF_8)) {
            for (ZipEntry each = zip.getNextEntry(); each != null; each = zip.getNextEntry()) {
                entries.put(each.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return entries;
    }

    private int count(String question) {
        return sql.queryForObject(question, Integer.class);
    }
}
