package upahead.server.platform.access;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;
import upahead.server.platform.problems.ProblemAnswer;

/** Until a second step that a role needs is set up, a session is good for setting it up and for nothing else. */
final class SecondStepMissing extends OncePerRequestFilter {

    private static final String ATTRIBUTE = "upahead.second-step-missing";

    private final ObjectMapper json;

    SecondStepMissing(ObjectMapper json) {
        this.json = json;
    }

    static void mark(HttpSession session) {
        session.setAttribute(ATTRIBUTE, true);
    }

    static void clear(HttpSession session) {
        session.removeAttribute(ATTRIBUTE);
    }

    static boolean isMarked(HttpSession session) {
        return session != null && session.getAttribute(ATTRIBUTE) != null;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getRequestURI();
        return !path.startsWith("/api/") || path.startsWith("/api/session") || path.startsWith("/api/second-step");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isMarked(request.getSession(false))) {
            ProblemAnswer.write(json, response, HttpStatus.FORBIDDEN, "Please set up the second step first.");
            return;
        }
        chain.doFilter(request, response);
    }
}
