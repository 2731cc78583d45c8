package upahead.server.platform.starting;

import org.springframework.beans.factory.support.BeanDefinitionRegistry;
import org.springframework.beans.factory.support.BeanDefinitionRegistryPostProcessor;
import org.springframework.context.annotation.AnnotationConfigUtils;
import org.springframework.stereotype.Component;

/**
 * Whoever listens to events implements {@link org.springframework.context.ApplicationListener}: to find those that are
 * marked instead, every method of every part would be looked at each time the program starts.
 */
@Component
class NoListenersByAnnotation implements BeanDefinitionRegistryPostProcessor {

    @Override
    public void postProcessBeanDefinitionRegistry(BeanDefinitionRegistry parts) {
        String finder = AnnotationConfigUtils.EVENT_LISTENER_PROCESSOR_BEAN_NAME;
        if (parts.containsBeanDefinition(finder)) {
            parts.removeBeanDefinition(finder);
        }
    }
}
