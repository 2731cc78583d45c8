package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.Arrays;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.core.context.SecurityContextHolder;
import upahead.server.WithDemo;
import upahead.server.platform.access.SessionController.SignInForm;

@WithDemo
class SessionTest {

    private static final String COOKIE = "XSRF-TOKEN";
    private static final String BEFORE = "known-before-signing-in";
    private static final SignedIn SOMEBODY = new SignedIn(1, "teodric", "Teodric Brackwyn", Role.ADMINISTRATOR, null);

    @Autowired
    private SessionController sessions;

    @Autowired
    private SignInService signIns;

    private final MockHttpServletRequest request = new MockHttpServletRequest();
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    @AfterEach
    void nobody() {
        SecurityContextHolder.clearContext();
    }

    @Test
    void signingInGivesAnotherTokenAndAnotherSession() {
        MockHttpSession before = new MockHttpSession();
        request.setSession(before);
        request.setCookies(new Cookie(COOKIE, BEFORE));
        sessions.signIn(new SignInForm("teodric", "walled-garden", null), request, response);
        assertThat(before.isInvalid()).isTrue();
        assertThat(request.getSession(false)).isNotNull().isNotSameAs(before);
        assertThat(lastToken()).isNotEmpty().isNotEqualTo(BEFORE);
    }

    /** The last one that an answer sets counts. */
    private String lastToken() {
        return Arrays.stream(response.getCookies())
                .filter(cookie -> cookie.getName().equals(COOKIE))
                .reduce((first, second) -> second)
                .orElseThrow()
                .getValue();
    }

    @Test
    void aSessionEndsAfterItsLongestTimeHoweverMuchItIsUsed() throws Exception {
        assertThat(isStillIn(Duration.ofHours(12))).isTrue();
        assertThat(isStillIn(Duration.ofSeconds(-1))).isFalse();
    }

    private boolean isStillIn(Duration longest) throws Exception {
        request.getSession().setAttribute(SignInChanges.ATTRIBUTE, signIns.changes(SOMEBODY.id()));
        SecurityContextHolder.getContext().setAuthentication(CurrentUser.authentication(SOMEBODY));
        new SignInChanges(signIns, longest).doFilter(request, response, new MockFilterChain());
        return SecurityContextHolder.getContext().getAuthentication() != null && request.getSession(false) != null;
    }
}
