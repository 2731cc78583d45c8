package upahead.server;

import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.scheduling.annotation.ScheduledAnnotationBeanPostProcessor;
import org.springframework.scheduling.config.TaskManagementConfigUtils;
import upahead.server.platform.starting.Ours;

/** What is done without anybody asking, such as sending mail; commands that only look at data leave it alone. */
@Configuration
@ConditionalOnProperty("upahead.in-background")
class InBackground {

    /** Put up by hand: the framework's own looks at every method of the framework's parts too, at each start. */
    @Bean(TaskManagementConfigUtils.SCHEDULED_ANNOTATION_PROCESSOR_BEAN_NAME)
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static ScheduledAnnotationBeanPostProcessor scheduled() {
        return new OfOurs();
    }

    private static final class OfOurs extends ScheduledAnnotationBeanPostProcessor {

        @Override
        public Object postProcessAfterInitialization(Object bean, String name) {
            return Ours.is(bean.getClass()) ? super.postProcessAfterInitialization(bean, name) : bean;
        }
    }
}
