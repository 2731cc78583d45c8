package upahead.server.platform.clock;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import upahead.server.platform.sql.Programs;

/** Where several programs share a demo, its day is looked at before each answer. */
@Configuration
class DayOfOthers implements WebMvcConfigurer, HandlerInterceptor {

    private final DemoClock demo;
    private final boolean isShared;

    DayOfOthers(DemoClock demo, Programs programs) {
        this.demo = demo;
        this.isShared = programs.maySeveral() && demo.isRunning();
    }

    @Override
    public void addInterceptors(InterceptorRegistry interceptors) {
        if (isShared) {
            interceptors.addInterceptor(this).addPathPatterns("/api/**");
        }
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        demo.resume();
        return true;
    }
}
