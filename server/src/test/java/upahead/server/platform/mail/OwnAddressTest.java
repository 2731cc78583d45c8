package upahead.server.platform.mail;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.env.MockEnvironment;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** The address that stands in mail. */
class OwnAddressTest {

    private final MockEnvironment environment = new MockEnvironment().withProperty("local.server.port", "8099");

    @AfterEach
    void noRequest() {
        RequestContextHolder.resetRequestAttributes();
    }

    @Test
    void isTheOneThatWasSet() {
        requestTo("elsewhere.example");
        OwnAddress address = new OwnAddress("https://time.mill.example/", environment);
        assertThat(address.forAdministrator()).isEqualTo("https://time.mill.example");
        assertThat(address.forAnybody()).isEqualTo("https://time.mill.example");
    }

    @Test
    void isElseTheOneAnAdministratorUses() {
        OwnAddress address = new OwnAddress("", environment);
        requestTo("time.mill.example");
        assertThat(address.forAdministrator()).isEqualTo("http://time.mill.example");
        assertThat(address.forAnybody()).isEqualTo("http://time.mill.example");
    }

    @Test
    void isNeverTheOneAStrangerNames() {
        OwnAddress address = new OwnAddress("", environment);
        requestTo("trap.example");
        assertThat(address.forAnybody()).isEqualTo("http://localhost:8099");
    }

    private static void requestTo(String host) {
        MockHttpServletRequest request = new MockHttpServletRequest();
        request.setServerName(host);
        RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(request));
    }
}
