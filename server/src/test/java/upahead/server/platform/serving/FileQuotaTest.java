package upahead.server.platform.serving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import upahead.server.Somebody;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.problems.Refusal;

/** One person's files do not take the program from the others. */
class FileQuotaTest {

    private final Set<String> tooMany = new HashSet<>();
    private final FileQuota quota = new FileQuota(who -> !tooMany.contains(who), 300);

    @AfterEach
    void nobody() {
        SecurityContextHolder.clearContext();
    }

    @Test
    void someAtOnceAndTheNextOnceOneIsDone() {
        List<MockHttpServletRequest> underWay = new ArrayList<>();
        for (int file = 0; file < 3; file++) {
            underWay.add(begin(Somebody.ADMINISTRATOR));
        }
        assertThatThrownBy(() -> begin(Somebody.ADMINISTRATOR))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("still being read");
        begin(Somebody.SECOND_ADMINISTRATOR);
        end(underWay.get(0));
        begin(Somebody.ADMINISTRATOR);
    }

    @Test
    void soManyInAnHour() {
        end(begin(Somebody.ADMINISTRATOR));
        tooMany.add(String.valueOf(Somebody.ADMINISTRATOR.id()));
        assertThatThrownBy(() -> begin(Somebody.ADMINISTRATOR))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("within an hour");
        end(begin(Somebody.SECOND_ADMINISTRATOR));
    }

    @Test
    void whatIsNoFileIsNotCounted() {
        SecurityContextHolder.getContext().setAuthentication(signedIn(Somebody.ADMINISTRATOR));
        for (int request = 0; request < 400; request++) {
            MockHttpServletRequest asked = new MockHttpServletRequest("POST", "/api/requests");
            asked.setContentType("application/json");
            assertThat(quota.preHandle(asked, new MockHttpServletResponse(), this))
                    .isTrue();
        }
    }

    private static Authentication signedIn(SignedIn who) {
        return new UsernamePasswordAuthenticationToken(who, null, List.of());
    }

    private MockHttpServletRequest begin(SignedIn who) {
        SecurityContextHolder.getContext().setAuthentication(signedIn(who));
        MockHttpServletRequest request = new MockHttpServletRequest("POST", "/api/people/import");
        request.setContentType("multipart/form-data; boundary=x");
        assertThat(quota.preHandle(request, new MockHttpServletResponse(), this))
                .isTrue();
        return request;
    }

    private void end(MockHttpServletRequest request) {
        quota.afterCompletion(request, new MockHttpServletResponse(), this, null);
    }
}
