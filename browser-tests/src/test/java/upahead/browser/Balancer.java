package upahead.browser;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;

/** Stands before several programs: each request goes to the next of them, and past one that does not answer. */
final class Balancer implements AutoCloseable {

    private static final Set<String> NOT_PASSED_ON =
            Set.of("connection", "content-length", "host", "upgrade", "http2-settings", "transfer-encoding");
    private static final int BAD_GATEWAY = 502;

    private final List<String> programs;
    private final AtomicInteger next = new AtomicInteger();
    private final HttpClient http =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private final HttpServer server;

    Balancer(List<String> programs) throws IOException {
        this.programs = programs;
        server = HttpServer.create(new InetSocketAddress("localhost", 0), 0);
        server.createContext("/", this::passOn);
        server.setExecutor(Executors.newCachedThreadPool());
        server.start();
    }

    String address() {
        return "http://localhost:" + server.getAddress().getPort();
    }

    private void passOn(HttpExchange exchange) throws IOException {
        byte[] body = exchange.getRequestBody().readAllBytes();
        for (int tried = 0; tried < programs.size(); tried++) {
            String program = programs.get(next.getAndIncrement() % programs.size());
            try {
                answer(exchange, http.send(asked(exchange, program, body), HttpResponse.BodyHandlers.ofByteArray()));
                return;
            } catch (IOException gone) {
                // the next one, if there is one
            } catch (InterruptedException ending) {
                Thread.currentThread().interrupt();
                break;
            }
        }
        exchange.sendResponseHeaders(BAD_GATEWAY, -1);
        exchange.close();
    }

    private static HttpRequest asked(HttpExchange exchange, String program, byte[] body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(program + exchange.getRequestURI()))
                .method(exchange.getRequestMethod(), HttpRequest.BodyPublishers.ofByteArray(body));
        exchange.getRequestHeaders().forEach((name, values) -> {
            if (!NOT_PASSED_ON.contains(name.toLowerCase())) {
                values.forEach(value -> request.header(name, value));
            }
        });
        return request.build();
    }

    private static void answer(HttpExchange exchange, HttpResponse<byte[]> answer) throws IOException {
        answer.headers().map().forEach((name, values) -> {
            if (!NOT_PASSED_ON.contains(name)) {
                exchange.getResponseHeaders().put(name, values);
            }
        });
        exchange.sendResponseHeaders(answer.statusCode(), answer.body().length == 0 ? -1 : answer.body().length);
        exchange.getResponseBody().write(answer.body());
        exchange.close();
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
