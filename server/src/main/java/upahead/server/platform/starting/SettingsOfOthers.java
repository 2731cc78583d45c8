package upahead.server.platform.starting;

import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.ConfigurationPropertiesBindingPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;

/** Gives the framework's parts their settings. Its own would look at each part of ours, too, which take theirs one by one. */
@Configuration(proxyBeanMethods = false)
class SettingsOfOthers {

    @Bean("org.springframework.boot.context.properties.ConfigurationPropertiesBindingPostProcessor")
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static ConfigurationPropertiesBindingPostProcessor settings() {
        return new OfOthers();
    }

    private static final class OfOthers extends ConfigurationPropertiesBindingPostProcessor {

        @Override
        public Object postProcessBeforeInitialization(Object bean, String name) {
            Class<?> type = bean.getClass();
            boolean takesNone =
                    Describes.is(type) || (Ours.is(type) && !type.isAnnotationPresent(ConfigurationProperties.class));
            return takesNone ? bean : super.postProcessBeforeInitialization(bean, name);
        }
    }
}
