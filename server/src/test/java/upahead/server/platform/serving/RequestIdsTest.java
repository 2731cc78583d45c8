package upahead.server.platform.serving;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.slf4j.MDC;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

@ExtendWith(OutputCaptureExtension.class)
class RequestIdsTest {

    private static final String OF_THE_PROXY = "from-the-proxy-17";

    @Test
    void eachRequestHasANameOfItsOwnInTheLogAndInItsAnswer() throws Exception {
        String first = answered(new RequestIds("none", Duration.ofDays(1)));
        String second = answered(new RequestIds("none", Duration.ofDays(1)));
        assertThat(first).matches("[A-Za-z0-9_-]{12}").isNotEqualTo(second).isNotEqualTo(OF_THE_PROXY);
        assertThat(MDC.get("request")).as("afterwards").isNull();
    }

    @Test
    void theNameThatAProxyGaveIsTakenWhereOneIsInFront() throws Exception {
        assertThat(answered(new RequestIds("native", Duration.ofDays(1)))).isEqualTo(OF_THE_PROXY);
    }

    @Test
    void aSlowOneIsNamedWithoutWhatWasTyped(CapturedOutput output) throws Exception {
        answered(new RequestIds("none", Duration.ZERO));
        assertThat(output).contains("slow: GET /api/people took").doesNotContain("Saltonstall");
    }

    private static String answered(RequestIds ids) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", "/api/people");
        request.setQueryString("search=Saltonstall");
        request.addHeader(RequestIds.HEADER, OF_THE_PROXY);
        MockHttpServletResponse response = new MockHttpServletResponse();
        String[] inTheLog = new String[1];
        ids.doFilter(request, response, (asked, answer) -> inTheLog[0] = MDC.get("request"));
        assertThat(response.getHeader(RequestIds.HEADER)).isEqualTo(inTheLog[0]);
        return inTheLog[0];
    }
}
