package upahead.server.platform.access;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** One request for every resource there is, with a body that its description allows. */
final class EveryResource {

    static final Set<String> WITHOUT_SIGNING_IN = Set.of(
            "GET /api/session",
            "POST /api/session",
            "DELETE /api/session",
            "POST /api/session/first-administrator",
            "POST /api/session/forgotten",
            "GET /api/session/password/{token}",
            "POST /api/session/password",
            "POST /api/demo/told",
            "GET /api/terminal",
            "POST /api/terminal/glance",
            "POST /api/terminal/pairing",
            "POST /api/terminal/punches");

    private static final Pattern FILES =
            Pattern.compile("POST.*/((documents|import|file|hours)(/preview|/table\\.csv)?)");

    private final RequestMappingHandlerMapping resources;
    private final SampleBodies bodies;

    EveryResource(RequestMappingHandlerMapping resources) throws IOException {
        this.resources = resources;
        this.bodies = SampleBodies.ofTheDescription();
    }

    /**
     * All of them by method and path.
     *
     * @param person whom they are about where they are about a person
     * @param request which they are about where they are about a request
     */
    Map<String, MockHttpServletRequestBuilder> about(String person, String request) {
        Map<String, MockHttpServletRequestBuilder> requests = new TreeMap<>();
        resources.getHandlerMethods().keySet().forEach(mapping -> mapping.getPathPatternsCondition()
                .getPatternValues()
                .forEach(path -> mapping.getMethodsCondition().getMethods().forEach(method -> {
                    if (path.startsWith("/api/")) {
                        String about = path.replace("/people/{id}", "/people/" + person)
                                .replace("{personId}", person)
                                .replace("/requests/{id}", "/requests/" + request);
                        String body = bodies.of(method.name(), path)
                                .toString()
                                .replaceAll("\"personId\":\\d+", "\"personId\":" + person)
                                .replace("\"replaces\":null", "\"replaces\":" + request);
                        requests.put(method + " " + path, asked(HttpMethod.valueOf(method.name()), path, about, body));
                    }
                })));
        return requests;
    }

    private static MockHttpServletRequestBuilder asked(HttpMethod method, String path, String about, String body) {
        String address = about.replace("{token}", "made-up")
                .replace("{day}", "2027-05-03")
                .replace("{from}", "2027-05-03")
                .replace("{year}", "2028")
                .replace("{what}", "FTE")
                .replace("{place}", "ATTENDANCE")
                .replace("{name}", "balances")
                .replaceAll("\\{\\w+}", "1");
        String reading = path.contains("/import") ? "{\"changesFrom\": \"2027-05-03\"}" : "{}";
        MockHttpServletRequestBuilder request = FILES.matcher(method + path).matches()
                ? multipart(method, address)
                        .file(new MockMultipartFile("file", "file.csv", "text/csv", "person,date\n".getBytes(UTF_8)))
                        .file(new MockMultipartFile(
                                "reading", "", MediaType.APPLICATION_JSON_VALUE, reading.getBytes(UTF_8)))
                : request(method, address)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body);
        return request.param("asOf", "2027-04-26")
                .param("on", "2027-04-26")
                .param("from", "2027-04-01")
                .param("through", "2027-04-26")
                .param("first", "2027-04-01")
                .param("last", "2027-04-26")
                .param("payGroupId", "1")
                .param("weeks", "4")
                .param("seenEdits", "0")
                .param("fromSiteId", "1")
                .param("with", "1")
                .param("name", "none")
                .param("day", "2027-04-01")
                .param("per", "HOUR")
                .param("groupWhat", "LAPSE")
                .param("groupPolicyId", "1")
                .param("lineUrgency", "FURTHER_AHEAD")
                .param("lineKind", "LAPSE")
                .param("lineBy", "2027-04-30")
                .with(csrf());
    }
}
