package upahead.server.platform.access;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import upahead.server.platform.problems.ProblemAnswer;

/**
 * Lets in whoever brings a token. Where one is brought, it alone counts: a session that comes along is not looked at, so
 * that no page of another site can borrow it.
 */
final class ProgramTokenFilter extends OncePerRequestFilter {

    private static final String SCHEME = "Bearer ";
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
    private static final String FOR_PEOPLE = "/api/session";

    private final ProgramTokens tokens;
    private final ObjectMapper json;

    ProgramTokenFilter(ProgramTokens tokens, ObjectMapper json) {
        this.tokens = tokens;
        this.json = json;
    }

    /** Whether a request brings a token, right or wrong. */
    static boolean isBrought(HttpServletRequest request) {
        String brought = request.getHeader(HttpHeaders.AUTHORIZATION);
        return brought != null && brought.regionMatches(true, 0, SCHEME, 0, SCHEME.length());
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !isBrought(request);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        ProgramTokens.LetIn letIn;
        try {
            letIn = tokens.letIn(request.getHeader(HttpHeaders.AUTHORIZATION)
                    .substring(SCHEME.length())
                    .strip());
        } catch (ProgramTokens.NotLetIn refused) {
            ProblemAnswer.write(json, response, HttpStatus.UNAUTHORIZED, refused.getMessage());
            return;
        }
        if (letIn.readsOnly() && !READING.contains(request.getMethod())) {
            ProblemAnswer.write(json, response, HttpStatus.FORBIDDEN, "This token only reads.");
            return;
        }
        if (request.getRequestURI().startsWith(FOR_PEOPLE)) {
            ProblemAnswer.write(json, response, HttpStatus.FORBIDDEN, "Signing in and passwords are for people.");
            return;
        }
        SecurityContext before = SecurityContextHolder.getContext();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(CurrentUser.authentication(letIn.signedIn()));
        SecurityContextHolder.setContext(context);
        try {
            chain.doFilter(request, response);
        } finally {
            SecurityContextHolder.setContext(before);
        }
    }
}
