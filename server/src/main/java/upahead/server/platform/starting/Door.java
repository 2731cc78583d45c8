package upahead.server.platform.starting;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets whoever comes while the program starts see its first page; whatever else is asked for waits until all parts are
 * made, so that none of them meets a program that is half there.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Door extends OncePerRequestFilter implements DisposableBean {

    private static final Set<String> PAGES = Set.of("/", "/index.html", "/icon.svg");
    private static final String PARTS_OF_PAGES = "/assets/";

    private volatile CompletableFuture<Void> allMade = CompletableFuture.completedFuture(null);
    private volatile Set<String> answered = Set.of();

    /**
     * From now on requests wait until it is {@link #openToAll() open to all}.
     *
     * @param addresses that are answered already
     */
    void openToFirstPage(Set<String> addresses) {
        answered = addresses;
        allMade = new CompletableFuture<>();
    }

    void openToAll() {
        allMade.complete(null);
    }

    /** Where the program does not start, nobody waits any longer. */
    @Override
    public void destroy() {
        super.destroy();
        allMade.cancel(false);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!isOfFirstPage(request)) {
            try {
                allMade.join();
            } catch (CancellationException doesNotStart) {
                response.sendError(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
                return;
            }
        }
        chain.doFilter(request, response);
    }

    private boolean isOfFirstPage(HttpServletRequest request) {
        String address = request.getRequestURI();
        return HttpMethod.GET.matches(request.getMethod())
                && (PAGES.contains(address) || address.startsWith(PARTS_OF_PAGES) || answered.contains(address));
    }
}
