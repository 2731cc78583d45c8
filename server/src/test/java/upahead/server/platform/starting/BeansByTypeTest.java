package upahead.server.platform.starting;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.support.DefaultListableBeanFactory;
import org.springframework.beans.factory.support.RootBeanDefinition;

/** Parts found by their type: the same ones in the same order as the framework finds them. */
class BeansByTypeTest {

    @Retention(RetentionPolicy.RUNTIME)
    private @interface Rare {}

    @Rare
    @Retention(RetentionPolicy.RUNTIME)
    private @interface Nearly {}

    private interface Animal {}

    private interface Flying {}

    private static class Bird implements Animal, Flying {}

    @Nearly
    private static final class Finch extends Bird {}

    @Rare
    private static final class Bat implements Animal, Flying {}

    private static final class Nobody implements Animal {}

    @Test
    void what_is_of_a_type_is_found_as_the_framework_finds_it() {
        DefaultListableBeanFactory ours = filled(new BeansByType());
        DefaultListableBeanFactory framework = filled(new DefaultListableBeanFactory());
        for (Class<?> type : new Class<?>[] {
            Animal.class, Flying.class, Bird.class, Finch.class, Bat.class, Nobody.class, Supplier.class, Object.class
        }) {
            assertThat(ours.getBeanNamesForType(type))
                    .as(type.getSimpleName())
                    .containsExactly(framework.getBeanNamesForType(type));
        }
        assertThat(ours.getBeanNamesForType(Flying.class)).containsExactly("finch", "bird", "bat");
    }

    @Test
    void before_all_parts_are_known_each_new_one_is_found() {
        BeansByType parts = new BeansByType();
        assertThat(parts.getBeanNamesForType(Bat.class)).isEmpty();
        parts.registerBeanDefinition("bat", new RootBeanDefinition(Bat.class, Bat::new));
        assertThat(parts.getBeanNamesForType(Bat.class)).containsExactly("bat");
        parts.freezeConfiguration();
        assertThat(parts.getBeanNamesForType(Bat.class)).containsExactly("bat");
    }

    @Test
    void what_was_handed_over_as_it_is_is_found_too() {
        BeansByType parts = new BeansByType();
        parts.registerSingleton("early", new Bat());
        parts.registerBeanDefinition("bat", new RootBeanDefinition(Bat.class, Bat::new));
        parts.freezeConfiguration();
        assertThat(parts.getBeanNamesForType(Flying.class)).containsExactly("bat", "early");
        parts.registerSingleton("late", new Finch());
        assertThat(parts.getBeanNamesForType(Flying.class)).containsExactly("bat", "early", "late");
        assertThat(parts.getBeanProvider(Finch.class).getIfAvailable()).isNotNull();
    }

    @Test
    void what_carries_an_annotation_is_found_as_often_as_it_is_asked_for() {
        DefaultListableBeanFactory parts = filled(new BeansByType());
        Stream.of(1, 2).forEach(time -> assertThat(parts.getBeanNamesForAnnotation(Rare.class))
                .containsExactly("finch", "bat"));
        assertThat(parts.getBeanNamesForAnnotation(Nearly.class)).containsExactly("finch");
    }

    private static DefaultListableBeanFactory filled(DefaultListableBeanFactory parts) {
        parts.registerBeanDefinition("finch", new RootBeanDefinition(Finch.class, Finch::new));
        parts.registerBeanDefinition("bird", new RootBeanDefinition(Bird.class, Bird::new));
        parts.registerBeanDefinition("bat", new RootBeanDefinition(Bat.class, Bat::new));
        parts.freezeConfiguration();
        parts.preInstantiateSingletons();
        return parts;
    }
}
