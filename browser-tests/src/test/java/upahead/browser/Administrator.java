package upahead.browser;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;

/** An administrator who talks to a program without a browser. */
final class Administrator {

    private static final String BOUNDARY = "one-part-and-no-more";

    private final String address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    Administrator(String address) {
        this.address = address;
    }

    String address() {
        return address;
    }

    void signIn() throws IOException, InterruptedException {
        get("/api/session");
        post("/api/session", "{\"username\": \"teodric\", \"password\": \"walled-garden\"}");
    }

    /** What it answers to a question. */
    String get(String path) throws IOException, InterruptedException {
        return answered(HttpRequest.newBuilder(URI.create(address + path)).build());
    }

    /** What it answers to something said in JSON; anything but a yes is an exception. */
    String post(String path, String json) throws IOException, InterruptedException {
        return said("POST", path, json);
    }

    /** The same for what takes another's place. */
    String put(String path, String json) throws IOException, InterruptedException {
        return said("PUT", path, json);
    }

    private String said(String method, String path, String json) throws IOException, InterruptedException {
        return answered(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token())
                .method(method, HttpRequest.BodyPublishers.ofString(json))
                .build());
    }

    /** What it answers to a file. */
    String postFile(String path, String text) throws IOException, InterruptedException {
        String body = "--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"hours.csv\"\r\n"
                + "Content-Type: text/csv\r\n\r\n" + text + "\r\n--" + BOUNDARY + "--\r\n";
        return answered(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
                .header("X-XSRF-TOKEN", token())
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    private String answered(HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
        if (response.statusCode() / 100 != 2) {
            throw new IllegalStateException(
                    request.method() + " " + request.uri() + ": " + response.statusCode() + " " + response.body());
        }
        return response.body();
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }
}
