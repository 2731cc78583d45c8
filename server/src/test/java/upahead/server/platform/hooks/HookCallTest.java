package upahead.server.platform.hooks;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Messages as they arrive at a program of the test's own. */
class HookCallTest {

    private static final Duration SOON = Duration.ofMillis(700);

    private final BlockingQueue<Arrived> arrived = new LinkedBlockingQueue<>();
    private final CountDownLatch longEnough = new CountDownLatch(1);
    private final ExecutorService threads = Executors.newCachedThreadPool();
    private HttpServer program;
    private volatile int answer = 204;

    private record Arrived(String path, Map<String, List<String>> headers, String body) {
        String header(String name) {
            return headers.get(name).get(0);
        }
    }

    @BeforeEach
    void begin() throws IOException {
        program = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        program.createContext("/", this::take);
        program.setExecutor(threads);
        program.start();
    }

    @AfterEach
    void end() {
        longEnough.countDown();
        program.stop(0);
        threads.shutdownNow();
    }

    private void take(HttpExchange exchange) throws IOException {
        String path = exchange.getRequestURI().getPath();
        arrived.add(new Arrived(
                path,
                Map.copyOf(exchange.getRequestHeaders()),
                new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8)));
        if (path.equals("/slow")) {
            await();
        }
        if (path.equals("/elsewhere")) {
            exchange.getResponseHeaders().add("Location", address("/inside"));
            exchange.sendResponseHeaders(307, -1);
        } else {
            exchange.sendResponseHeaders(answer, -1);
        }
        exchange.close();
    }

    private void await() {
        try {
            longEnough.await(10, TimeUnit.SECONDS);
        } catch (InterruptedException ending) {
            Thread.currentThread().interrupt();
        }
    }

    private String address(String path) {
        return "http://127.0.0.1:" + program.getAddress().getPort() + path;
    }

    private HookMessage message(String path) {
        return new HookMessage(1, "mark", 1, address(path), "secret", "run.closed", "{\"a\":\"ü\"}", 1);
    }

    @Test
    void whoKnowsTheSecretCanTellThatItIsGenuine() throws InterruptedException {
        HookCall call = new HookCall(new OutsideAddress(true), SOON);
        assertThat(call.send(message("/told"))).isEmpty();
        Arrived one = arrived.poll(1, TimeUnit.SECONDS);
        assertThat(one.body()).isEqualTo("{\"a\":\"ü\"}");
        assertThat(one.header("X-up-ahead-event")).isEqualTo("run.closed");
        assertThat(one.header("X-up-ahead-message")).isEqualTo("mark");
        assertThat(one.header("X-up-ahead-signature"))
                .isEqualTo("sha256=" + HookCall.signature("secret", one.header("X-up-ahead-time"), one.body()));
    }

    /** As {@code printf 1.body | openssl dgst -sha256 -hmac key} says it. */
    @Test
    void aSignatureIsTheOneThatEverybodyElseComputes() {
        assertThat(HookCall.signature("key", "1", "body"))
                .isEqualTo("91b5374b153842ad05b2c4eab9349b8321b14703165bd3fb8b034dfb8be98ae5");
    }

    @Test
    void aRedirectIsNotFollowed() {
        HookCall call = new HookCall(new OutsideAddress(true), SOON);
        assertThat(call.send(message("/elsewhere"))).isEqualTo("It points elsewhere (307), and that is not followed.");
        assertThat(arrived).extracting(Arrived::path).containsExactly("/elsewhere");
    }

    @Test
    void whoAnswersSlowlyIsNotWaitedFor() {
        HookCall call = new HookCall(new OutsideAddress(true), SOON);
        long began = System.nanoTime();
        assertThat(call.send(message("/slow"))).startsWith("It did not answer within");
        assertThat(Duration.ofNanos(System.nanoTime() - began)).isLessThan(Duration.ofSeconds(5));
    }

    @Test
    void theInsideIsRefusedAgainBeforeEachMessage() {
        HookCall call = new HookCall(new OutsideAddress(false), SOON);
        assertThat(call.send(message("/told"))).startsWith("An address begins with https://");
        assertThat(arrived).isEmpty();
    }

    @Test
    void whatFailsIsSaid() {
        HookCall call = new HookCall(new OutsideAddress(true), SOON);
        answer = 500;
        assertThat(call.send(message("/told"))).isEqualTo("It answered 500.");
        program.stop(0);
        assertThat(call.send(message("/told"))).startsWith("It could not be reached");
    }
}
