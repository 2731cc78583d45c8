package upahead.server;

import java.util.stream.Stream;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.scheduling.annotation.ScheduledAnnotationBeanPostProcessor;
import org.springframework.scheduling.config.TaskManagementConfigUtils;
import org.springframework.util.ClassUtils;
import upahead.server.platform.starting.Ours;

/** What is done without anybody asking, such as sending mail; commands that only look at data leave it alone. */
@Configuration
@ConditionalOnProperty("upahead.in-background")
class InBackground {

    /** Put up by hand: the framework's own goes through every method of every part for it, at each start. */
    @Bean(TaskManagementConfigUtils.SCHEDULED_ANNOTATION_PROCESSOR_BEAN_NAME)
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static ScheduledAnnotationBeanPostProcessor scheduled() {
        return new OfOurs();
    }

    private static final class OfOurs extends ScheduledAnnotationBeanPostProcessor {

        @Override
        public Object postProcessAfterInitialization(Object bean, String name) {
            return isScheduled(ClassUtils.getUserClass(bean)) ? super.postProcessAfterInitialization(bean, name) : bean;
        }

        /** Ours stand on methods of the class itself. */
        private static boolean isScheduled(Class<?> type) {
            return Ours.is(type)
                    && Stream.of(type.getDeclaredMethods())
                            .anyMatch(method -> method.isAnnotationPresent(Scheduled.class));
        }
    }
}
