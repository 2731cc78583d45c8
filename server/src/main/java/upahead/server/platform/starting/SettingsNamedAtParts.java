package upahead.server.platform.starting;

import org.springframework.beans.factory.config.ConfigurableListableBeanFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.support.PropertySourcesPlaceholderConfigurer;
import org.springframework.util.StringValueResolver;

/**
 * Puts settings where a part names them, {@code @Value("${upahead.data}")}, and refuses a start without one that is named.
 * The framework's own looks for such names in the description of each part, too, where there are none.
 */
@Configuration(proxyBeanMethods = false)
class SettingsNamedAtParts {

    @Bean
    static PropertySourcesPlaceholderConfigurer settingsNamed() {
        return new InParts();
    }

    private static final class InParts extends PropertySourcesPlaceholderConfigurer {

        @Override
        protected void doProcessProperties(ConfigurableListableBeanFactory parts, StringValueResolver settings) {
            parts.addEmbeddedValueResolver(settings);
        }
    }
}
