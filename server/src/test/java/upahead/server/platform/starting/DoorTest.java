package upahead.server.platform.starting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpStatus;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Who comes while the program starts sees its first page; anything else waits. */
class DoorTest {

    private static final Duration A_MOMENT = Duration.ofMillis(100);

    private final Door door = new Door();

    @Test
    void before_anything_is_said_of_a_start_everybody_comes_in() throws Exception {
        assertThat(come("POST", "/api/requests").get(1, TimeUnit.MINUTES)).isEqualTo(HttpStatus.OK.value());
    }

    @ParameterizedTest
    @CsvSource({"GET,/", "GET,/index.html", "GET,/icon.svg", "GET,/assets/index-B1.js", "GET,/api/session"})
    void the_first_page_and_what_it_asks_for_come_in_at_once(String method, String address) throws Exception {
        door.openToFirstPage(Set.of("/api/session"));
        assertThat(come(method, address).get(1, TimeUnit.MINUTES)).isEqualTo(HttpStatus.OK.value());
    }

    @ParameterizedTest
    @CsvSource({
        "POST,/api/session",
        "GET,/api/session/invited",
        "GET,/api/people",
        "GET,/running/health/readiness",
        "GET,/api/session/../people",
        "POST,/",
        "GET,//api/session"
    })
    void anything_else_waits_until_all_is_made(String method, String address) throws Exception {
        door.openToFirstPage(Set.of("/api/session"));
        CompletableFuture<Integer> coming = come(method, address);
        assertThatThrownBy(() -> coming.get(A_MOMENT.toMillis(), TimeUnit.MILLISECONDS))
                .isInstanceOf(TimeoutException.class);
        door.openToAll();
        assertThat(coming.get(1, TimeUnit.MINUTES)).isEqualTo(HttpStatus.OK.value());
        assertThat(come(method, address).get(1, TimeUnit.MINUTES)).isEqualTo(HttpStatus.OK.value());
    }

    @Test
    void where_the_program_does_not_start_nobody_waits_on() throws Exception {
        door.openToFirstPage(Set.of());
        CompletableFuture<Integer> coming = come("GET", "/api/people");
        door.destroy();
        assertThat(coming.get(1, TimeUnit.MINUTES)).isEqualTo(HttpStatus.SERVICE_UNAVAILABLE.value());
    }

    private CompletableFuture<Integer> come(String method, String address) {
        return CompletableFuture.supplyAsync(() -> {
            MockHttpServletResponse response = new MockHttpServletResponse();
            try {
                door.doFilter(new MockHttpServletRequest(method, address), response, new MockFilterChain());
            } catch (Exception failed) {
                throw new IllegalStateException(failed);
            }
            return response.getStatus();
        });
    }
}
