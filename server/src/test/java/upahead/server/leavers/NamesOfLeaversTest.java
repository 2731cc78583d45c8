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
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import upahead.server.Somebody;
import upahead.server.WithDemo;

/** Faolan left on 19 March 2027, Emrys leaves in May; it is 26 April 2027. */
@WithDemo
class NamesOfLeaversTest {

    private static final long FAOLAN = 48;
    private static final long EMRYS = 47;

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
        assertThat(Everywhere.columnsOfWords(sql)).containsExactlyElementsOf(known);
    }

    @Test
    void nothingSaysWhoSomebodyWasOnceTheNameIsGone() throws Exception {
        send(post("/api/people/48/name/removal"), "{\"code\": \"b148\"}").andExpect(status().isNoContent());
        assertThat(Everywhere.find(sql, "faolan")).isEmpty();
        assertThat(Everywhere.find(sql, "orchardleigh")).isEmpty();
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
        assertThat(Everywhere.find(sql, "faolan")).isEmpty();
        assertThat(Everywhere.find(sql, "fay@")).isEmpty();
        assertThat(Everywhere.find(sql, "fay o")).isEmpty();
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
        assertThat(Everywhere.find(sql, "faolan")).isNotEmpty();
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
    void allEmploymentsOfOneHumanBeingGoTogetherOnceTheLastIsOver() throws Exception {
        sql.update("update person set earlier_id = ?, name = 'Faolan Orchardleigh' where id = ?", FAOLAN, EMRYS);
        send(post("/api/people/48/name/removal"), "{\"code\": \"B148\"}").andExpect(status().isConflict());
        http.perform(get("/api/people/48/name").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(jsonPath("$.leaver").doesNotExist());
        sql.update("update person set last_day = '2027-03-31' where id = ?", EMRYS);
        send(put("/api/leavers"), "{\"months\": 6}")
                .andExpect(jsonPath("$.next.length()").value(1))
                .andExpect(jsonPath("$.next[0].personId").value(EMRYS));
        leavers.removeDue(LocalDate.of(2027, 10, 1));
        assertThat(name(FAOLAN)).isEqualTo("Former employee B148");
        assertThat(name(EMRYS)).isEqualTo("Former employee B147");
        assertThat(Everywhere.find(sql, "orchardleigh")).isEmpty();
    }

    @Test
    void whatWasTheirsAloneAndWhatLetThemInIsGone() throws Exception {
        sql.update("insert into sign_in (username, password_hash, role, display_name, person_id, active, changes)"
                + " values ('faolan', 'a hash', 'EMPLOYEE', 'Faolan Orchardleigh', 48, true, 0)");
        long signIn = sql.queryForObject("select id from sign_in where person_id = 48", Long.class);
        sql.update(
                "insert into second_step (sign_in_id, secret, confirmed, last_used) values (?, 'secret', true, 0)",
                signIn);
        sql.update(
                "insert into document (person_id, name, type, content, author, at)"
                        + " values (48, 'note.pdf', 'application/pdf', ?, 'Faolan Orchardleigh', current_timestamp)",
                new Object[] {new byte[] {1}});
        send(post("/api/people/48/name/removal"), "{\"code\": \"B148\"}").andExpect(status().isNoContent());
        assertThat(sql.queryForMap(
                        "select username, password_hash, display_name, active from sign_in where id = ?", signIn))
                .containsEntry("username", "former-48")
                .containsEntry("password_hash", null)
                .containsEntry("display_name", "Former employee B148")
                .containsEntry("active", false);
        for (String table : List.of(
                "second_step where sign_in_id = " + signIn,
                "document where person_id = 48",
                "notice where person_id = 48",
                "mail_message where recipient_id = 48")) {
            assertThat(sql.queryForObject("select count(*) from " + table, Integer.class))
                    .as(table)
                    .isZero();
        }
        http.perform(get("/api/audit")
                        .param("subject", "person")
                        .param("subjectId", "48")
                        .with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(jsonPath("$.items[0].what").value("removed the name of somebody who left"))
                .andExpect(jsonPath("$.items[0].actor").value("Ada Payroll"));
    }

    @Test
    void theOnlyAdministratorKeepsTheNameAndNobodyElseMayAnyOfThis() throws Exception {
        long administrator = sql.queryForObject(
                "select person_id from sign_in where role = 'ADMINISTRATOR' and person_id is not null", Long.class);
        sql.update("update person set last_day = '2027-03-31' where id = ?", administrator);
        http.perform(get("/api/people/" + administrator + "/name").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(jsonPath("$.leaver.waits")
                        .value("This is the only administrator; make somebody else one first."));
        http.perform(post("/api/people/48/name/removal")
                        .with(Somebody.as(Somebody.approver(4)))
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"code\": \"B148\"}"))
                .andExpect(status().isForbidden());
        assertThat(name(FAOLAN)).isEqualTo("Faolan Orchardleigh");
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
}
