package upahead.server.platform.access;

import java.lang.annotation.Annotation;
import java.lang.reflect.AnnotatedElement;
import java.lang.reflect.Method;
import java.util.stream.Stream;
import org.springframework.aop.Advisor;
import org.springframework.aop.support.AopUtils;
import org.springframework.aop.support.StaticMethodMatcherPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.ApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.security.access.expression.method.DefaultMethodSecurityExpressionHandler;
import org.springframework.security.access.hierarchicalroles.RoleHierarchy;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.authorization.method.AuthorizationInterceptorsOrder;
import org.springframework.security.authorization.method.AuthorizationManagerBeforeMethodInterceptor;
import org.springframework.security.authorization.method.PreAuthorizeAuthorizationManager;
import org.springframework.security.core.annotation.AnnotationTemplateExpressionDefaults;
import org.springframework.util.ClassUtils;
import upahead.server.platform.rights.May;
import upahead.server.platform.starting.Ours;

/**
 * Asks before a method of ours who may call it. Put up by hand, since the framework's own would look for four kinds of
 * annotations at every method of every bean there is, each time the program starts.
 */
@Configuration
class RightsAtServices {

    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static Advisor rights(RoleHierarchy roles, ApplicationContext beans) {
        DefaultMethodSecurityExpressionHandler expressions = new DefaultMethodSecurityExpressionHandler();
        expressions.setRoleHierarchy(roles);
        expressions.setApplicationContext(beans);
        PreAuthorizeAuthorizationManager asks = new PreAuthorizeAuthorizationManager();
        asks.setExpressionHandler(expressions);
        // lets annotations name what they are about, as @May does
        asks.setTemplateDefaults(new AnnotationTemplateExpressionDefaults());
        AuthorizationManagerBeforeMethodInterceptor advisor =
                new AuthorizationManagerBeforeMethodInterceptor(new Guarded(), asks);
        advisor.setOrder(AuthorizationInterceptorsOrder.PRE_AUTHORIZE.getOrder());
        return advisor;
    }

    /**
     * What an annotation guards: a method, or every method of a type; {@link May} is one by what stands on it. Ours stand on
     * the method that is called or on its class, never on what either takes over from another.
     */
    static final class Guarded extends StaticMethodMatcherPointcut {

        Guarded() {
            setClassFilter(Ours::is);
        }

        @Override
        public boolean matches(Method method, Class<?> type) {
            return asks(AopUtils.getMostSpecificMethod(method, type)) || asks(ClassUtils.getUserClass(type));
        }

        private static boolean asks(AnnotatedElement at) {
            return Stream.of(at.getDeclaredAnnotations())
                    .map(Annotation::annotationType)
                    .anyMatch(each -> each == PreAuthorize.class || each.isAnnotationPresent(PreAuthorize.class));
        }
    }
}
