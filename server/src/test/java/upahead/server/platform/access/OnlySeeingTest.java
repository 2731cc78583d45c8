package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.rights.Permission;

/** A program that may see everybody's balances and requests sees them, and does nothing in anybody's name. */
@WithDemo
class OnlySeeingTest {

    private static final String REQUEST =
            """
            {"personId": 27, "policyId": 1, "note": "", "answers": [], "documents": [],
             "days": [{"on": "2027-07-06", "part": "HOURS", "hours": "1"}]}
            """;

    private final SignedIn program = Somebody.ADMINISTRATOR.asProgram("A reader", Set.of(Permission.SEE_EVERYBODY));

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    @Test
    void whatItSees() throws Exception {
        for (String path : List.of(
                "/api/people/27",
                "/api/people/27/balances?asOf=2027-04-26",
                "/api/people/27/requests",
                "/api/people/27/card?on=2027-04-20",
                "/api/requests/21",
                "/api/requests/approved?first=2027-04-01&last=2027-04-30")) {
            http.perform(get(path).with(Somebody.as(program))).andExpect(status().isOk());
        }
    }

    @Test
    void whatItDoesNot() throws Exception {
        int before = rows();
        refused(json(post("/api/requests"), REQUEST));
        refused(json(post("/api/requests/preview"), REQUEST));
        refused(json(post("/api/requests/together"), "{\"drafts\": [" + REQUEST + "]}"));
        refused(json(
                put("/api/people/27/card/days"),
                "{\"days\": [{\"on\": \"2027-04-20\", \"line\": \"8h\", \"seen\": \"\"}], \"reason\": \"typed\"}"));
        refused(json(
                put("/api/people/27/card/confirmed"),
                "{\"on\": \"2027-04-20\", \"part\": \"PERSON\", \"right\": true}"));
        refused(multipart("/api/people/27/documents")
                .file(new MockMultipartFile("file", "note.pdf", "application/pdf", "%PDF-1.4".getBytes())));
        assertThat(rows()).isEqualTo(before);
    }

    private static MockHttpServletRequestBuilder json(MockHttpServletRequestBuilder request, String body) {
        return request.contentType(MediaType.APPLICATION_JSON).content(body);
    }

    private void refused(MockHttpServletRequestBuilder request) throws Exception {
        http.perform(request.with(Somebody.as(program)).with(csrf())).andExpect(status().isForbidden());
    }

    private int rows() {
        return sql.queryForObject(
                "select (select count(*) from leave_request) + (select count(*) from card_change)"
                        + " + (select count(*) from document)",
                Integer.class);
    }
}
