package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.transaction.TestTransaction;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import upahead.server.Somebody;
import upahead.server.TestDatabases;
import upahead.server.WithDemo;
import upahead.server.platform.rights.Permission;

/** Every resource, asked for by whoever has just one permission, about themselves, about people assigned and about others. */
@WithDemo
class PermissionMatrixTest {

    private static final Path KEPT = Path.of("../docs/permissions.md");
    private static final Path FOUND = Path.of("target/permissions.md");

    /** What goes on after the request, so it is asked for by nobody here who may; others are refused like everywhere. */
    private static final Map<String, Permission> WITH_CONSEQUENCES = Map.of(
            "POST /api/running/backups",
            Permission.KEEP_THE_COMPANY,
            "POST /api/demo/clock",
            Permission.KEEP_THE_COMPANY);

    /** Tries are counted by address: those of other tests are not to be among them. */
    private static final RequestPostProcessor FROM_ELSEWHERE = request -> {
        request.setRemoteAddr("10.9.8.7");
        return request;
    };

    private static final String HEAD =
            """
            # Who may what

            Each resource of the interface, and what is enough for it: being anybody at all (*anybody*), being signed in
            (*everybody*), asking about oneself (*own*), about somebody whom one decides for (*assigned*), or any one of the
            permissions. A test asks for every resource with each permission alone and holds this table to what it finds.
            Where everybody may ask, what is answered still holds only what whoever asks may see.

            | resource | enough is |
            | --- | --- |
            """;

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping resources;

    @Test
    void whatIsEnoughForEachResourceIsWrittenDown() throws Exception {
        assumeThat(TestDatabases.onServer()).as("rights are the same on both").isFalse();
        String found = HEAD
                + matrix().entrySet().stream()
                        .map(each -> "| `" + each.getKey() + "` | " + String.join(", ", each.getValue()) + " |\n")
                        .collect(Collectors.joining());
        Files.writeString(FOUND, found);
        assertThat(Files.readString(KEPT))
                .as("copy server/target/permissions.md to docs/permissions.md once each change in it is meant")
                .isEqualTo(found);
    }

    private Map<String, List<String>> matrix() throws Exception {
        String own = number("select min(id) from leave_request where state = 'WAITING'");
        String owner = number("select person_id from leave_request where id = " + own);
        String approverId = number("select approver_id from person_placement where person_id = " + owner);
        String stranger = number("select min(person_id) from leave_request where person_id in"
                + " (select person_id from person_placement where approver_id <> " + approverId + ")");
        String theirs = number("select min(id) from leave_request where person_id = " + stranger);
        SignedIn employee = Somebody.employee(Long.parseLong(owner));
        SignedIn approver = Somebody.approver(Long.parseLong(approverId));
        Map<String, Integer> nothing = statuses(program(Set.of()), stranger, theirs, each -> true);
        Predicate<String> wanting = resource -> isRefused(resource, nothing.get(resource));
        Map<String, List<String>> matrix = new TreeMap<>();
        nothing.forEach((resource, status) -> matrix.put(
                resource,
                new ArrayList<>(
                        EveryResource.WITHOUT_SIGNING_IN.contains(resource)
                                ? List.of("anybody")
                                : isRefused(resource, status) ? List.of() : List.of("everybody"))));
        addWhatMoreGives(matrix, "own", statuses(employee, owner, own, wanting), nothing);
        Map<String, Integer> ofStrangers = statuses(approver, stranger, theirs, wanting);
        addWhatMoreGives(matrix, "assigned", statuses(approver, owner, own, wanting), ofStrangers);
        for (Permission permission : Permission.values()) {
            addWhatMoreGives(
                    matrix,
                    permission.name(),
                    statuses(program(EnumSet.of(permission)), stranger, theirs, wanting),
                    nothing);
        }
        Predicate<String> nobodys = resource -> matrix.get(resource).isEmpty();
        statuses(program(EnumSet.allOf(Permission.class)), stranger, theirs, nobodys)
                .forEach((resource, status) -> {
                    boolean refused = status == 403;
                    boolean hidden = status == 404 && nothing.get(resource) == 404;
                    matrix.get(resource)
                            .add(
                                    refused
                                            ? "nobody here"
                                            : hidden ? "not there in the demo" : "several permissions together");
                });
        return matrix;
    }

    private String number(String question) {
        return sql.queryForObject(question, Long.class).toString();
    }

    private static void addWhatMoreGives(
            Map<String, List<String>> matrix, String name, Map<String, Integer> with, Map<String, Integer> without) {
        with.forEach((resource, after) -> {
            int before = without.get(resource);
            if (isRefused(resource, before) && after != before && after != 403) {
                matrix.get(resource).add(name);
            }
        });
    }

    /** What one may not read can also be said not to be there; what is written is refused. */
    private static boolean isRefused(String resource, int status) {
        return status == 403 || status == 404 && resource.startsWith("GET");
    }

    private static SignedIn program(Set<Permission> permissions) {
        return new SignedIn(1, "a-program", "A program", Role.ADMINISTRATOR, null, permissions);
    }

    /** What each resource that is wanted answers; whatever it changes is taken back before the next. */
    private Map<String, Integer> statuses(SignedIn somebody, String person, String request, Predicate<String> wanted)
            throws Exception {
        Map<String, Integer> found = new TreeMap<>();
        Map<String, MockHttpServletRequestBuilder> all = new EveryResource(resources).about(person, request);
        all.keySet().removeIf(wanted.negate());
        for (Map.Entry<String, MockHttpServletRequestBuilder> each : all.entrySet()) {
            Permission needed = WITH_CONSEQUENCES.get(each.getKey());
            if (EveryResource.WITHOUT_SIGNING_IN.contains(each.getKey()) || needed != null && somebody.may(needed)) {
                found.put(each.getKey(), 200);
            } else {
                found.put(
                        each.getKey(),
                        http.perform(each.getValue()
                                        .with(FROM_ELSEWHERE)
                                        .with(authentication(CurrentUser.authentication(somebody))))
                                .andReturn()
                                .getResponse()
                                .getStatus());
                assertThat(found.get(each.getKey()))
                        .as(each.getKey() + " by " + somebody)
                        .isLessThan(500);
                TestTransaction.end();
                TestTransaction.start();
            }
        }
        return found;
    }
}
