package upahead.server.leavers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.company.Tables;

/** Faolan left on 19 March 2027, Emrys leaves in May; it is 26 April 2027. */
@WithDemo
class NamesOfLeaversTest {

    private static final long FAOLAN = 48;
    private static final long EMRYS = 47;
    private static final Set<String> OF_THE_PROGRAM =
            Set.of("flyway_schema_history", "spring_session", "spring_session_attributes", "shedlock", "work_progress");

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private NamesOfLeavers leavers;

    @Test
    void everyColumnOfWordsIsThoughtAbout() {
        Set<String> known = new TreeSet<>();
        Stream.of(
                        TextColumns.REASONS,
                        TextColumns.NOTES,
                        TextColumns.LISTS,
                        TextColumns.MISSING,
                        TextColumns.NAMED_IN_OWN_ROWS,
                        TextColumns.NAMED_ANYWHERE,
                        TextColumns.KEPT)
                .flatMap(Set::stream)
                .forEach(column -> assertThat(known.add(column)).as(column).isTrue());
        assertThat(columnsOfWords()).containsExactlyElementsOf(known);
    }

    @Test
    void nothingSaysWhoSomebodyWasOnceTheNameIsGone() throws Exception {
        send(post("/api/people/48/name/removal"), "{\"code\": \"b148\"}").andExpect(status().isNoContent());
        assertThat(findings("faolan")).isEmpty();
        assertThat(findings("orchardleigh")).isEmpty();
        http.perform(get("/api/people/48").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(jsonPath("$.name").value("Former employee B148"))
                .andExpect(jsonPath("$.email").doesNotExist())
                .andExpect(jsonPath("$.namelessSince").value("2027-04-26"));
    }

    @Test
    void earlierNamesAndWhatTheyDidForOthersGoAsWell() throws Exception {
        String seen = sql.queryForObject(
                "select '\"email\": \"' || email || '\", \"serviceFrom\": \"' || service_from || '\"'"
                        + " || ', \"clockCode\": \"' || clock_code || '\"' from person where id = 48",
                String.class);
        send(
                        put("/api/people/48/details"),
                        """
                        {"seen": {"code": "B148", "name": "Faolan Orchardleigh", %1$s},
                         "details": {"code": "B148", "name": "Fay O\\"Leigh", %1$s}}"""
                                .formatted(seen))
                .andExpect(status().isOk());
        sql.update("update pay_run set closed_by = 'Payroll, for Faolan Orchardleigh' where id = 1");
        sql.update("update notice set text = 'FAY O\"LEIGH asks, faolan@brindlemoor.example knows' where id = 1");
        sql.update("insert into policy_example (policy_id, name, written, edits, kept_at, kept_by)"
                + " values (1, 'Like Fay', '{\"as\": \"Fay O\\\"Leigh\"}', 0, current_timestamp, 'Fay O\"Leigh')");
        send(post("/api/people/48/name/removal"), "{\"code\": \"B148\"}").andExpect(status().isNoContent());
        assertThat(findings("faolan")).isEmpty();
        assertThat(findings("fay@")).isEmpty();
        assertThat(findings("fay o")).isEmpty();
        assertThat(sql.queryForObject("select closed_by from pay_run where id = 1", String.class))
                .isEqualTo("Payroll, for Former employee B148");
        assertThat(sql.queryForObject("select written from policy_example where kept_by like 'Former%'", String.class))
                .isEqualTo("{\"as\": \"Former employee B148\"}");
    }

    @Test
    void figuresAndTheProofStayAsTheyWere() throws Exception {
        List<Map<String, Object>> before = figures();
        send(post("/api/people/48/name/removal"), "{\"code\": \"B148\"}").andExpect(status().isNoContent());
        assertThat(figures()).isEqualTo(before);
        http.perform(get("/api/proof").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.missing").isEmpty())
                .andExpect(jsonPath("$.differences[?(@.personId == 48)]").isEmpty());
    }

    private List<Map<String, Object>> figures() {
        List<Map<String, Object>> all = new ArrayList<>(
                sql.queryForList("select id, kind, amount, withheld, about, posted_on from posted_line order by id"));
        all.addAll(sql.queryForList("select id, person_code, payroll_code, amount, unit from handed_over order by id"));
        return all;
    }

    @Test
    void theNameOfSomebodyStillThereOrNotTypedRightStays() throws Exception {
        send(post("/api/people/48/name/removal"), "{\"code\": \"B147\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value("That is not the code of Faolan Orchardleigh."));
        send(post("/api/people/47/name/removal"), "{\"code\": \"B147\"}").andExpect(status().isConflict());
        assertThat(findings("faolan")).isNotEmpty();
    }

    @Test
    void theRuleLetsNamesGoAfterItsTimeUnlessTheyAreKept() throws Exception {
        send(put("/api/leavers"), "{\"months\": 6}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.next[0].name").value("Faolan Orchardleigh"))
                .andExpect(jsonPath("$.next[0].nameUntil").value("2027-09-19"));
        leavers.removeDue(LocalDate.of(2027, 9, 19));
        assertThat(name(FAOLAN)).isEqualTo("Faolan Orchardleigh");
        send(put("/api/people/48/name/kept"), "{\"reason\": \"A case at court\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.leaver.kept.reason").value("A case at court"));
        leavers.removeDue(LocalDate.of(2027, 9, 20));
        assertThat(name(FAOLAN)).isEqualTo("Faolan Orchardleigh");
        send(post("/api/people/48/name/removal"), "{\"code\": \"B148\"}").andExpect(status().isConflict());
        http.perform(delete("/api/people/48/name/kept")
                        .with(Somebody.as(Somebody.ADMINISTRATOR))
                        .with(csrf()))
                .andExpect(status().isOk());
        leavers.removeDue(LocalDate.of(2027, 9, 20));
        assertThat(name(FAOLAN)).isEqualTo("Former employee B148");
        assertThat(name(EMRYS)).isEqualTo("Emrys Nunney");
    }

    @Test
    void withoutARuleNamesStay() throws Exception {
        http.perform(get("/api/leavers").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(jsonPath("$.months").doesNotExist());
        leavers.removeDue(LocalDate.of(2099, 1, 1));
        assertThat(name(FAOLAN)).isEqualTo("Faolan Orchardleigh");
        send(put("/api/leavers"), "{\"months\": 5}").andExpect(status().isUnprocessableEntity());
    }

    @Test
    void whatHasNoNameDoesNotChangeAnyMore() throws Exception {
        send(post("/api/people/48/name/removal"), "{\"code\": \"B148\"}").andExpect(status().isNoContent());
        send(put("/api/people/48/last-day"), "{\"lastDay\": null}").andExpect(status().isConflict());
        send(put("/api/people/48/name/kept"), "{\"reason\": \"Too late\"}").andExpect(status().isConflict());
    }

    @Test
    void aFileDoesNotBringTheNameBack() throws Exception {
        send(post("/api/people/48/name/removal"), "{\"code\": \"B148\"}").andExpect(status().isNoContent());
        byte[] export = http.perform(get("/api/people/export").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        preview(export).andExpect(jsonPath("$.wrong").value(0));
        preview("Code,Name\nB148,Faolan Orchardleigh\n".getBytes(StandardCharsets.UTF_8))
                .andExpect(jsonPath("$.rows[0].says[0]")
                        .value("the name of B148 was removed on 26 April 2027; leave the row out"));
    }

    private ResultActions preview(byte[] file) throws Exception {
        return http.perform(multipart("/api/people/import/preview")
                        .file(new MockMultipartFile("file", "people.csv", "text/csv", file))
                        .file(new MockMultipartFile(
                                "reading",
                                "",
                                MediaType.APPLICATION_JSON_VALUE,
                                "{\"changesFrom\": \"2027-05-01\"}".getBytes(StandardCharsets.UTF_8)))
                        .with(Somebody.as(Somebody.ADMINISTRATOR))
                        .with(csrf()))
                .andExpect(status().isOk());
    }

    @Test
    void somebodyElseOfTheSameNameKeepsIt() throws Exception {
        sql.update("update person set name = 'Faolan Orchardleigh' where id = ?", EMRYS);
        sql.update("update pay_run set closed_by = 'Faolan Orchardleigh' where id = 1");
        send(post("/api/people/48/name/removal"), "{\"code\": \"B148\"}").andExpect(status().isNoContent());
        assertThat(name(EMRYS)).isEqualTo("Faolan Orchardleigh");
        assertThat(sql.queryForObject("select closed_by from pay_run where id = 1", String.class))
                .isEqualTo("Faolan Orchardleigh");
    }

    private String name(long personId) {
        return sql.queryForObject("select name from person where id = ?", String.class, personId);
    }

    private ResultActions send(MockHttpServletRequestBuilder request, String body) throws Exception {
        return http.perform(request.with(Somebody.as(Somebody.ADMINISTRATOR))
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    private Set<String> columnsOfWords() {
        return sql.execute((ConnectionCallback<Set<String>>) connection -> {
            Set<String> found = new TreeSet<>();
            for (Map.Entry<String, List<String>> table :
                    Tables.everything(connection).entrySet()) {
                if (!OF_THE_PROGRAM.contains(table.getKey()) && !table.getKey().equals("try_count")) {
                    read(connection, table.getKey(), "where 1 = 0", row -> {
                        for (int at = 1; at <= row.getMetaData().getColumnCount(); at++) {
                            String type = row.getMetaData().getColumnClassName(at);
                            if (!type.matches(".*(Long|Integer|BigDecimal|Boolean|Date|Time|Timestamp)$")) {
                                found.add(table.getKey() + "."
                                        + row.getMetaData().getColumnName(at).toLowerCase(Locale.ROOT));
                            }
                        }
                    });
                }
            }
            return found;
        });
    }

    /** Where words stand anywhere in the database. */
    private Set<String> findings(String words) {
        return sql.execute((ConnectionCallback<Set<String>>) connection -> {
            Set<String> found = new TreeSet<>();
            for (String table : Tables.everything(connection).keySet()) {
                read(connection, table, "", row -> {
                    while (row.next()) {
                        for (int at = 1; at <= row.getMetaData().getColumnCount(); at++) {
                            String cell = row.getString(at);
                            if (cell != null && cell.toLowerCase(Locale.ROOT).contains(words)) {
                                found.add(table + "." + row.getMetaData().getColumnName(at) + ": " + cell);
                            }
                        }
                    }
                });
            }
            return found;
        });
    }

    private interface Reading {
        void read(ResultSet rows) throws SQLException;
    }

    private static void read(Connection connection, String table, String condition, Reading reading)
            throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("select * from " + table + " " + condition)) {
            reading.read(rows);
        }
    }
}
