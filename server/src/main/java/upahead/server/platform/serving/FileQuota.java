package upahead.server.platform.serving;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.throttle.Throttles;

/**
 * How many files one person may send, documents and files of rows alike: some at once, and so many in an hour. How large one
 * may be is said where files are read at all.
 */
@Component
class FileQuota implements HandlerInterceptor, WebMvcConfigurer {

    private static final int MOST_AT_ONCE = 3;
    private static final String TAKEN = FileQuota.class.getName();

    private final Predicate<String> inAnHour;
    private final int most;
    private final Map<Long, Integer> underWay = new ConcurrentHashMap<>();

    @Autowired
    FileQuota(Throttles throttles, @Value("${upahead.files-in-an-hour}") int most) {
        this(throttles.of("files of a person", most, Duration.ofHours(1))::lets, most);
    }

    /**
     * @param inAnHour counts a file of somebody, and says whether it is not one too many
     * @param most how many are not, above 0
     */
    FileQuota(Predicate<String> inAnHour, int most) {
        this.inAnHour = inAnHour;
        this.most = most;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    /**
     * Counts a file.
     *
     * @throws Refusal if it is one too many
     */
    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        String type = request.getContentType();
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        if (type == null
                || !type.startsWith(MediaType.MULTIPART_FORM_DATA_VALUE)
                || authentication == null
                || !(authentication.getPrincipal() instanceof SignedIn who)) {
            return true;
        }
        if (!inAnHour.test(String.valueOf(who.id()))) {
            throw Refusal.tooMuch("That are more than " + most + " files within an hour. Please go on later.");
        }
        if (underWay.merge(who.id(), 1, Integer::sum) > MOST_AT_ONCE) {
            release(who.id());
            throw Refusal.tooMuch("Some of your files are still being read. Please wait until one is done.");
        }
        request.setAttribute(TAKEN, who.id());
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception failed) {
        if (request.getAttribute(TAKEN) instanceof Long who) {
            release(who);
        }
    }

    private void release(long who) {
        underWay.computeIfPresent(who, (unused, count) -> count == 1 ? null : count - 1);
    }
}
