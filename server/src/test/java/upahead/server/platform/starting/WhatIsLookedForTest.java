package upahead.server.platform.starting;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.annotation.Annotation;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.config.ConfigurableListableBeanFactory;
import org.springframework.boot.actuate.endpoint.annotation.Endpoint;
import org.springframework.boot.actuate.endpoint.annotation.EndpointExtension;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.jackson.JsonComponent;
import org.springframework.boot.jackson.JsonMixin;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.util.ClassUtils;
import org.springframework.web.bind.annotation.ControllerAdvice;
import upahead.server.WithDemo;

/** What a start leaves out has nothing of what it would look for. */
@WithDemo
class WhatIsLookedForTest {

    private static final List<Class<? extends Annotation>> LOOKED_FOR = List.of(
            ControllerAdvice.class, Endpoint.class, EndpointExtension.class, JsonComponent.class, JsonMixin.class);

    @Autowired
    private ConfigurableListableBeanFactory parts;

    @Test
    void no_part_carries_what_it_is_not_looked_at_for() {
        for (Class<? extends Annotation> annotation : LOOKED_FOR) {
            assertThat(types().filter(type -> !CarriedBy.mayBeOn(annotation, type)))
                    .as(annotation.getSimpleName())
                    .hasSizeGreaterThan(50)
                    .noneMatch(type -> AnnotatedElementUtils.hasAnnotation(type, annotation));
        }
    }

    @Test
    void no_class_that_describes_parts_takes_settings() {
        assertThat(types().filter(Describes::is))
                .hasSizeGreaterThan(50)
                .noneMatch(type -> AnnotatedElementUtils.hasAnnotation(type, ConfigurationProperties.class));
    }

    private Stream<Class<?>> types() {
        return Stream.of(parts.getBeanDefinitionNames())
                .<Class<?>>map(parts::getType)
                .map(ClassUtils::getUserClass);
    }
}
