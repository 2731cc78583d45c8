package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;

import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpStatus;
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

    /** What everybody reads who is signed in; none of it is about somebody else. */
    private static final Set<String> FOR_EVERYBODY = Set.of(
            "GET /api/calendar",
            "GET /api/calendar/teams/{teamId}",
            "GET /api/feeds",
            "GET /api/holidays",
            "GET /api/holidays/{siteId}/calendar",
            "GET /api/mail",
            "GET /api/notices",
            "GET /api/notices/choices",
            "GET /api/notices/unread",
            "GET /api/openapi",
            "GET /api/openapi.yaml",
            "GET /api/organisation",
            "GET /api/second-step",
            "GET /api/entered-leave/template.csv",
            "GET /api/organisation/hours-kinds",
            "GET /api/organisation/time-zones",
            "GET /api/people/template",
            "GET /api/policies",
            "GET /api/policies/{id}",
            "GET /api/progress/{token}",
            "GET /api/sign-offs",
            "GET /api/sign-offs/reminders",
            "GET /api/views/{place}");

    /** Which show an approver the people assigned, and no others. */
    private static final Set<String> FOR_APPROVERS = Set.of(
            "GET /api/ahead",
            "GET /api/ahead/lines",
            "GET /api/ahead/table.csv",
            "GET /api/ahead/table.xlsx",
            "GET /api/attendance",
            "GET /api/attendance/table.csv",
            "GET /api/attendance/table.xlsx",
            "GET /api/balances",
            "GET /api/balances/table.csv",
            "GET /api/balances/table.xlsx",
            "GET /api/lookout",
            "GET /api/lookout/items",
            "GET /api/my-team",
            "GET /api/requests",
            "GET /api/team-needs");

    /** Of oneself alone: the password before is wrong here; notices, addresses and views of others stay as they are. */
    private static final Set<String> OWN_WRITES = Set.of(
            "PUT /api/session/password 404",
            "POST /api/second-step 404",
            "PUT /api/second-step 422",
            "POST /api/second-step/codes-on-paper 422",
            "POST /api/second-step/ending 404",
            "PUT /api/notices/choices 200",
            "POST /api/notices/seen 200",
            "POST /api/notices/{id}/seen 200",
            "DELETE /api/feeds/{id} 404",
            "POST /api/feeds 200",
            "PUT /api/views/{place} 200",
            "DELETE /api/views/{place} 200");

    /** Where each of many requests is refused by itself, as {@code DecidingManyTest} has it. */
    private static final Set<String> EACH_BY_ITSELF =
            Set.of("POST /api/requests/decisions 200", "POST /api/requests/decisions/prospects 200");

    @Autowired
    private MockMvc http;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping resources;

    @Test
    void nothingIsThereForWhoeverIsNotSignedIn() throws Exception {
        for (Map.Entry<String, MockHttpServletRequestBuilder> each : all().entrySet()) {
            int status = http.perform(each.getValue()).andReturn().getResponse().getStatus();
            if (!EveryResource.WITHOUT_SIGNING_IN.contains(each.getKey())) {
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

    /** Of somebody who is not theirs, each write is refused as a matter of rights, before anything else is. */
    @Test
    void anEmployeeWritesNothingOfOthersAndNothingOfTheAdministration() throws Exception {
        assertThat(notRefused(Somebody.employee(KERENSA))).isEqualTo(OWN_WRITES);
    }

    @Test
    void anApproverWritesNothingOfPeopleWhoAreNotAssigned() throws Exception {
        assertThat(notRefused(Somebody.approver(4)))
                .containsAll(OWN_WRITES)
                .containsAll(EACH_BY_ITSELF)
                .hasSize(OWN_WRITES.size() + EACH_BY_ITSELF.size());
    }

    private Set<String> notRefused(SignedIn somebody) throws Exception {
        Set<String> passed = new TreeSet<>();
        for (Map.Entry<String, MockHttpServletRequestBuilder> each : all().entrySet()) {
            if (!each.getKey().startsWith("GET") && !EveryResource.WITHOUT_SIGNING_IN.contains(each.getKey())) {
                int status = http.perform(each.getValue().with(Somebody.as(somebody)))
                        .andReturn()
                        .getResponse()
                        .getStatus();
                if (status != HttpStatus.FORBIDDEN.value()) {
                    passed.add(each.getKey() + " " + status);
                }
            }
        }
        return passed;
    }

    private Set<String> readBy(SignedIn somebody) throws Exception {
        Set<String> read = new TreeSet<>();
        for (Map.Entry<String, MockHttpServletRequestBuilder> each : all().entrySet()) {
            if (each.getKey().startsWith("GET") && !EveryResource.WITHOUT_SIGNING_IN.contains(each.getKey())) {
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

    private Map<String, MockHttpServletRequestBuilder> all() throws IOException {
        return new EveryResource(resources).about(STRANGER, "1");
    }
}
