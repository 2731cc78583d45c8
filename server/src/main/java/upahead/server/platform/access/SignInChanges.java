package upahead.server.platform.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Ends every session of a sign-in that was begun before its role, its password or its use was last changed, or too long
 * ago however much it was used.
 */
final class SignInChanges extends OncePerRequestFilter {

    /** Where a session keeps how often its sign-in had been changed when it began. */
    static final String ATTRIBUTE = "upahead.sign-in-changes";

    private final SignInService signIns;
    private final Duration longest;

    SignInChanges(SignInService signIns, Duration longest) {
        this.signIns = signIns;
        this.longest = longest;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        if (session != null
                && session.getAttribute(ATTRIBUTE) instanceof Integer seen
                && authentication != null
                && authentication.getPrincipal() instanceof SignedIn signedIn
                && (isTooOld(session) || signIns.changes(signedIn.id()) != seen)) {
            session.invalidate();
            SecurityContextHolder.clearContext();
        }
        chain.doFilter(request, response);
    }

    private boolean isTooOld(HttpSession session) {
        return System.currentTimeMillis() - session.getCreationTime() > longest.toMillis();
    }
}
