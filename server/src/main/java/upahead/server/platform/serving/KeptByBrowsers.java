package upahead.server.platform.serving;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Lets browsers keep scripts, styles and fonts: each has its content's mark in its name, so that one of a later program is
 * another file. Everything else is asked for anew each time.
 */
@Configuration
class KeptByBrowsers implements WebMvcConfigurer {

    private static final Duration LONG = Duration.ofDays(365);

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry resources) {
        resources
                .addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(LONG).cachePublic().immutable());
    }
}
