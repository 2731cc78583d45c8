package upahead.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import upahead.server.Somebody;
import upahead.server.WithDemo;

/** Every resource there is, asked for by whoever may not: one that is added later has to be thought about here. */
@WithDemo
class WhoMayTest {

    private static final long KERENSA = 27;
    /** Somebody whom neither Kerensa nor her approver has anything to do with. */
    private static final String STRANGER = "16";

    private static final Set<String> WITHOUT_SIGNING_IN = Set.of(
            "GET /api/session",
            "POST /api/session",
            "DELETE /api/session",
            "POST /api/session/first-administrator",
            "POST /api/session/forgotten",
            "GET /api/session/password/{token}",
            "POST /api/session/password");

    /** What everybody reads who is signed in; none of it is about somebody else. */
    private static final Set<String> FOR_EVERYBODY = Set.of(
            "GET /api/holidays",
            "GET /api/holidays/{siteId}/calendar",
            "GET /api/mail",
            "GET /api/openapi",
            "GET /api/openapi.yaml",
            "GET /api/organisation",
            "GET /api/people/template",
            "GET /api/policies",
            "GET /api/policies/{id}",
            "GET /api/progress/{token}",
            "GET /api/sign-offs");

    /** Which show an approver the people assigned, and no others. */
    private static final Set<String> FOR_APPROVERS =
            Set.of("GET /api/balances", "GET /api/lookout", "GET /api/requests");

    @Autowired
    private MockMvc http;

    @Autowired
    private RequestMappingHandlerMapping resources;

    @Test
    void nothingIsThereForWhoeverIsNotSignedIn() throws Exception {
        for (Map.Entry<String, MockHttpServletRequestBuilder> each : all().entrySet()) {
            int status = http.perform(each.getValue()).andReturn().getResponse().getStatus();
            if (!WITHOUT_SIGNING_IN.contains(each.getKey())) {
                assertThat(status).as(each.getKey()).isEqualTo(HttpStatus.UNAUTHORIZED.value());
            }
        }
    }

    @Test
    void anEmployeeReadsNothingOfOthersAndNothingOfTheAdministration() throws Exception {
        assertThat(readBy(Somebody.employee(KERENSA))).isEqualTo(FOR_EVERYBODY);
    }

    @Test
    void anApproverReadsNothingOfPeopleWhoAreNotAssigned() throws Exception {
        Set<String> read = readBy(Somebody.approver(4));
        assertThat(read).containsAll(FOR_EVERYBODY).containsAll(FOR_APPROVERS);
        assertThat(read).hasSize(FOR_EVERYBODY.size() + FOR_APPROVERS.size());
    }

    private Set<String> readBy(SignedIn somebody) throws Exception {
        Set<String> read = new TreeSet<>();
        for (Map.Entry<String, MockHttpServletRequestBuilder> each : all().entrySet()) {
            if (each.getKey().startsWith("GET") && !WITHOUT_SIGNING_IN.contains(each.getKey())) {
                int status = http.perform(each.getValue().with(authentication(CurrentUser.authentication(somebody))))
                        .andReturn()
                        .getResponse()
                        .getStatus();
                assertThat(status).as(each.getKey()).isIn(200, 403, 404);
                if (status == HttpStatus.OK.value()) {
                    read.add(each.getKey());
                }
            }
        }
        return read;
    }

    /** One request for every resource, about a stranger where it is about a person. */
    private Map<String, MockHttpServletRequestBuilder> all() {
        Map<String, MockHttpServletRequestBuilder> requests = new TreeMap<>();
        resources.getHandlerMethods().keySet().forEach(mapping -> mapping.getPathPatternsCondition()
                .getPatternValues()
                .forEach(path -> mapping.getMethodsCondition().getMethods().forEach(method -> {
                    if (path.startsWith("/api/")) {
                        requests.put(method + " " + path, asked(HttpMethod.valueOf(method.name()), path));
                    }
                })));
        return requests;
    }

    private static MockHttpServletRequestBuilder asked(HttpMethod method, String path) {
        String about = path.replace("/people/{id}", "/people/" + STRANGER)
                .replace("{personId}", STRANGER)
                .replace("{token}", "made-up")
                .replace("{day}", "2027-05-03")
                .replace("{from}", "2027-05-03")
                .replace("{year}", "2028")
                .replace("{what}", "FTE")
                .replaceAll("\\{\\w+}", "1");
        return request(method, about)
                .param("asOf", "2027-04-26")
                .param("on", "2027-04-26")
                .param("from", "2027-04-01")
                .param("through", "2027-04-26")
                .param("first", "2027-04-01")
                .param("last", "2027-04-26")
                .param("payGroupId", "1")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{}")
                .with(csrf());
    }
}
