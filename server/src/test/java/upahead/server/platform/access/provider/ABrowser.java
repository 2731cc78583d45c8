package upahead.server.platform.access.provider;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;

/** Follows what servers say as a browser does, with cookies. */
final class ABrowser {

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .followRedirects(HttpClient.Redirect.ALWAYS)
            .build();
    private final String program;

    /**
     * @param program its address
     */
    ABrowser(String program) {
        this.program = program;
    }

    /** Follows the button of the sign-in page, types name and password at the provider, and comes back. */
    String signInAtTheProvider(String account) throws IOException, InterruptedException {
        URI form = send(HttpRequest.newBuilder(URI.create(program + "/oauth2/authorization/company")))
                .uri();
        String name = URLEncoder.encode(account, StandardCharsets.UTF_8);
        send(HttpRequest.newBuilder(form.resolve("/login"))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString("username=" + name + "&password=" + name)));
        return get("/api/session");
    }

    String get(String path) throws IOException, InterruptedException {
        return send(HttpRequest.newBuilder(URI.create(program + path))).body();
    }

    String post(String path, String body) throws IOException, InterruptedException {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .getValue();
        return send(HttpRequest.newBuilder(URI.create(program + path))
                        .header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", token)
                        .POST(BodyPublishers.ofString(body)))
                .body();
    }

    private HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        return http.send(request.build(), BodyHandlers.ofString());
    }
}
