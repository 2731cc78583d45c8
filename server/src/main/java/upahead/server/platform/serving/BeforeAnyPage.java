package upahead.server.platform.serving;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import upahead.server.platform.problems.LostDatabase;
import upahead.server.platform.problems.ProblemAnswer;

/** Says in a sentence, too, what goes wrong before a request is anywhere, as where a session cannot be looked at. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class BeforeAnyPage extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(BeforeAnyPage.class);

    private final ObjectMapper json;

    BeforeAnyPage(ObjectMapper json) {
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException failed) {
            if (response.isCommitted() || !(LostDatabase.isNotThere(failed) || LostDatabase.isGone(failed))) {
                throw failed;
            }
            LOG.warn("the database is not there: {}", failed.getMessage());
            ProblemAnswer.write(json, response, HttpStatus.SERVICE_UNAVAILABLE, LostDatabase.NOT_THERE);
        }
    }
}
