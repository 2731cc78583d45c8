package upahead.server.platform.serving;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import upahead.server.platform.access.Tokens;

/**
 * Gives each request a name that stands in every line of the log and in its answer, so that what somebody saw is found
 * there. What was asked for stands in the log without what was typed: of addresses the path alone.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class RequestIds extends OncePerRequestFilter {

    static final String HEADER = "X-Request-Id";

    private static final Logger LOG = LoggerFactory.getLogger(RequestIds.class);
    private static final String NAME = "request";
    private static final int LENGTH = 12;
    private static final Pattern OF_A_PROXY = Pattern.compile("[A-Za-z0-9_.-]{8,64}");
    private static final int NANOS = 1_000_000;

    private final boolean behindProxy;
    private final Duration slow;

    /**
     * @param behindProxy {@code none} unless a proxy is in front, whose own name of a request is taken then
     * @param slow from when on a request is named in the log
     */
    RequestIds(
            @Value("${upahead.behind-proxy:none}") String behindProxy,
            @Value("${upahead.slow-request}") Duration slow) {
        this.behindProxy = !behindProxy.equals("none");
        this.slow = slow;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String given = request.getHeader(HEADER);
        String id = behindProxy && given != null && OF_A_PROXY.matcher(given).matches()
                ? given
                : Tokens.random().substring(0, LENGTH);
        MDC.put(NAME, id);
        response.setHeader(HEADER, id);
        long begun = System.nanoTime();
        try {
            chain.doFilter(request, response);
        } finally {
            long took = (System.nanoTime() - begun) / NANOS;
            if (took >= slow.toMillis()) {
                LOG.info("slow: {} {} took {} ms", request.getMethod(), request.getRequestURI(), took);
            }
            MDC.remove(NAME);
        }
    }
}
