package upahead.server.platform.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Component;
import upahead.server.platform.secondstep.SecondSteps;

/** Begins the session of whoever has just signed in: always another one, with another token for our own pages. */
@Component
public class SessionBeginning {

    private static final HttpSessionSecurityContextRepository SESSIONS = new HttpSessionSecurityContextRepository();

    /** Where a session keeps that it was begun at the provider of single sign-on. */
    private static final String BY_PROVIDER = "upahead.by-provider";

    private final SignInService signIns;
    private final SecondSteps secondSteps;
    private final CsrfTokenRepository csrfTokens;

    SessionBeginning(SignInService signIns, SecondSteps secondSteps, CsrfTokenRepository csrfTokens) {
        this.signIns = signIns;
        this.secondSteps = secondSteps;
        this.csrfTokens = csrfTokens;
    }

    /** After a password: where the role needs a second step that is not set up, the session is good for that alone. */
    void byPassword(SignedIn signedIn, HttpServletRequest request, HttpServletResponse response) {
        begin(signedIn, request, response);
        if (secondSteps.roles().contains(signedIn.role().name()) && !secondSteps.isSet(signedIn.id())) {
            SecondStepMissing.mark(request.getSession());
        }
    }

    /** After single sign-on, where the provider asks for whatever steps it wants. */
    public void byProvider(SignedIn signedIn, HttpServletRequest request, HttpServletResponse response) {
        begin(signedIn, request, response);
        request.getSession().setAttribute(BY_PROVIDER, true);
    }

    /** Whether a session was begun by single sign-on. */
    static boolean isByProvider(HttpSession session) {
        return session != null && session.getAttribute(BY_PROVIDER) != null;
    }

    private void begin(SignedIn signedIn, HttpServletRequest request, HttpServletResponse response) {
        int changes = signIns.changes(signedIn.id());
        end(request);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(CurrentUser.authentication(signedIn));
        SecurityContextHolder.setContext(context);
        request.getSession().setAttribute(SignInChanges.ATTRIBUTE, changes);
        SESSIONS.saveContext(context, request, response);
        changeToken(context, request, response);
    }

    /** The token that our pages send along is another one from here on, in the cookie of this very answer. */
    private void changeToken(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {
        new CsrfAuthenticationStrategy(csrfTokens).onAuthentication(context.getAuthentication(), request, response);
        if (request.getAttribute(CsrfToken.class.getName()) instanceof CsrfToken token) {
            token.getToken();
        }
    }

    static void end(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }
}
