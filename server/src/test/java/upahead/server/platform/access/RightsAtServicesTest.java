package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;
import org.junit.jupiter.api.Test;
import org.springframework.aop.support.AopUtils;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.util.ReflectionUtils;

/** Who may call a method is asked wherever an annotation says so, also where it is taken over from another type. */
class RightsAtServicesTest {

    @Test
    void each_method_is_guarded_that_an_annotation_guards_anywhere() throws ClassNotFoundException {
        RightsAtServices.Guarded guarded = new RightsAtServices.Guarded();
        assertThat(methodsOfOurs(guarded::matches))
                .hasSizeGreaterThan(100)
                .isEqualTo(methodsOfOurs(RightsAtServicesTest::isGuardedAnywhere));
    }

    private static boolean isGuardedAnywhere(Method method, Class<?> type) {
        return AnnotatedElementUtils.hasAnnotation(AopUtils.getMostSpecificMethod(method, type), PreAuthorize.class)
                || AnnotatedElementUtils.hasAnnotation(type, PreAuthorize.class);
    }

    private static List<String> methodsOfOurs(BiPredicate<Method, Class<?>> wanted) throws ClassNotFoundException {
        List<String> found = new ArrayList<>();
        for (BeanDefinition part :
                new ClassPathScanningCandidateComponentProvider(true).findCandidateComponents("upahead.server")) {
            Class<?> type = Class.forName(part.getBeanClassName());
            for (Method method : ReflectionUtils.getAllDeclaredMethods(type)) {
                if (wanted.test(method, type)) {
                    found.add(type.getName() + " " + method);
                }
            }
        }
        return found;
    }
}
