package upahead.server.platform.audit;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import upahead.server.platform.sql.Aside;

/**
 * Notes who took a file out of the program, and who looked at what is {@link Sensitive}: once an hour for the same. Looking
 * is no change, so it is written aside.
 */
@Configuration
class Looks implements WebMvcConfigurer, HandlerInterceptor {

    private static final Logger LOG = LoggerFactory.getLogger(Looks.class);
    private static final Duration NOTED_AGAIN_AFTER = Duration.ofHours(1);
    private static final int MOST_REMEMBERED = 20_000;
    private static final int LONGEST = 200;
    private static final String OF_A_PERSON = "personId";
    private static final long NOTHING_IN_PARTICULAR = 0;

    private final Audit audit;
    private final Aside aside;
    private final Cache<String, Boolean> noted = Caffeine.newBuilder()
            .maximumSize(MOST_REMEMBERED)
            .expireAfterWrite(NOTED_AGAIN_AFTER)
            .build();

    Looks(Audit audit, Aside aside) {
        this.audit = audit;
        this.aside = aside;
    }

    @Override
    public void addInterceptors(InterceptorRegistry interceptors) {
        interceptors.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception failed) {
        if (failed == null && response.getStatus() == HttpStatus.OK.value() && Audit.isAnybody()) {
            words(response, handler).ifPresent(what -> note(what, person(request)));
        }
    }

    private static Optional<String> words(HttpServletResponse response, Object handler) {
        if (handler instanceof HandlerMethod method && method.hasMethodAnnotation(Sensitive.class)) {
            return Optional.of(method.getMethodAnnotation(Sensitive.class).value());
        }
        return Optional.ofNullable(response.getHeader(HttpHeaders.CONTENT_DISPOSITION))
                .map(ContentDisposition::parse)
                .filter(ContentDisposition::isAttachment)
                .map(file -> "took out " + file.getFilename())
                .map(what -> what.length() > LONGEST ? what.substring(0, LONGEST) : what);
    }

    private static long person(HttpServletRequest request) {
        return request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> parts
                        && parts.get(OF_A_PERSON) instanceof String id
                ? Long.parseLong(id)
                : NOTHING_IN_PARTICULAR;
    }

    private void note(String what, long person) {
        String same = Audit.actor() + '\n' + what + '\n' + person;
        if (noted.asMap().putIfAbsent(same, true) != null) {
            return;
        }
        try {
            Thing about = person == NOTHING_IN_PARTICULAR ? Thing.COMPANY : Thing.PERSON;
            aside.run(() -> audit.record(about, person, what, null, null));
        } catch (RuntimeException lost) {
            noted.invalidate(same);
            LOG.error("who looked could not be noted: {}", lost.getMessage());
        }
    }
}
