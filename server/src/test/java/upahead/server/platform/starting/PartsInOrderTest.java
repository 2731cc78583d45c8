package upahead.server.platform.starting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.servlet.Filter;
import jakarta.servlet.http.HttpServlet;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.servlet.ServletRegistrationBean;

/** A start with a part that takes its time: the first page is there, the rest is answered when that part is. */
class PartsInOrderTest {

    private static final class Answers extends HttpServlet {

        private static final long serialVersionUID = 1L;

        @Override
        protected void doGet(HttpServletRequest request, HttpServletResponse response) throws IOException {
            response.getWriter().print("answer of " + request.getRequestURI());
        }
    }

    private static final class First implements AtTheDoor {

        @Override
        public String address() {
            return "/api/first";
        }
    }

    private final HttpClient browser = HttpClient.newHttpClient();
    private final PartsInOrder program = new PartsInOrder();
    private final CountDownLatch reached = new CountDownLatch(1);
    private final CompletableFuture<Object> slowPart = new CompletableFuture<>();

    @BeforeEach
    void describe() {
        program.registerBean(TomcatServletWebServerFactory.class, () -> new TomcatServletWebServerFactory(0));
        program.registerBean(ServletRegistrationBean.class, () -> new ServletRegistrationBean<>(new Answers(), "/"));
        program.registerBean(
                "springSecurityFilterChain",
                Filter.class,
                () -> (request, response, rest) -> rest.doFilter(request, response));
        program.registerBean(Door.class, Door::new);
        program.registerBean("slow", Object.class, () -> {
            reached.countDown();
            return slowPart.join();
        });
        program.registerBean(First.class, First::new);
    }

    @AfterEach
    void end() {
        program.close();
    }

    @Test
    void the_first_page_is_there_while_the_rest_is_made() throws Exception {
        CompletableFuture<Void> start = CompletableFuture.runAsync(program::refresh);
        assertThat(reached.await(1, TimeUnit.MINUTES)).isTrue();

        assertThat(ask("/").get(1, TimeUnit.MINUTES).body()).isEqualTo("answer of /");
        assertThat(ask("/api/first").get(1, TimeUnit.MINUTES).body()).isEqualTo("answer of /api/first");
        CompletableFuture<HttpResponse<String>> other = ask("/api/other");
        assertThat(other).isNotDone();
        slowPart.complete("made");

        assertThat(other.get(1, TimeUnit.MINUTES).body()).isEqualTo("answer of /api/other");
        start.get(1, TimeUnit.MINUTES);
    }

    @Test
    void a_start_that_fails_leaves_nobody_waiting_and_nothing_open() throws Exception {
        CompletableFuture<Void> start = CompletableFuture.runAsync(program::refresh);
        assertThat(reached.await(1, TimeUnit.MINUTES)).isTrue();
        CompletableFuture<HttpResponse<String>> waiting = ask("/api/other");
        slowPart.completeExceptionally(new IllegalStateException("cannot be made"));

        assertThatThrownBy(() -> start.get(1, TimeUnit.MINUTES)).hasRootCauseMessage("cannot be made");
        assertThat(waiting.handle((answer, failed) -> failed != null || answer.statusCode() == 503)
                        .get(1, TimeUnit.MINUTES))
                .isTrue();
        assertThat(program.getWebServer().getPort()).as("nothing is open").isNegative();
    }

    private CompletableFuture<HttpResponse<String>> ask(String address) {
        URI page = URI.create("http://localhost:" + program.getWebServer().getPort() + address);
        return browser.sendAsync(HttpRequest.newBuilder(page).build(), HttpResponse.BodyHandlers.ofString());
    }
}
