package upahead.server.platform.starting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.Closeable;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.FactoryBean;
import org.springframework.beans.factory.NoUniqueBeanDefinitionException;
import org.springframework.beans.factory.config.AutowireCapableBeanFactory;
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

    static final class Works implements Runnable, Closeable {

        @Override
        public void run() {}

        @Override
        public void close() {}
    }

    static final class Word implements FactoryBean<String> {

        @Override
        public String getObject() {
            return "word";
        }

        @Override
        public Class<?> getObjectType() {
            return String.class;
        }
    }

    static final class Gives {

        static Object given() {
            return new Works();
        }

        static Thread thread() {
            return new Thread();
        }
    }

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
    void what_is_of_a_type_of_others_is_found_as_the_framework_finds_it() {
        DefaultListableBeanFactory ours = filledWithOthers(new BeansByType());
        DefaultListableBeanFactory framework = filledWithOthers(new DefaultListableBeanFactory());
        for (Class<?> type : new Class<?>[] {
            Runnable.class, Closeable.class, AutoCloseable.class, FactoryBean.class, CharSequence.class, Thread.class
        }) {
            for (int time = 0; time < 2; time++) {
                assertThat(ours.getBeanNamesForType(type))
                        .as(type.getSimpleName())
                        .containsExactly(framework.getBeanNamesForType(type));
                assertThat(ours.getBeanNamesForType(type, true, false))
                        .as(type.getSimpleName())
                        .containsExactly(framework.getBeanNamesForType(type, true, false));
            }
        }
        assertThat(ours.getBeanNamesForType(Runnable.class)).containsExactly("works", "given", "thread", "early");
        assertThat(ours.getBeanNamesForType(FactoryBean.class)).containsExactly("&word");
        assertThat(ours.getBeanNamesForType(CharSequence.class)).containsExactly("word");
    }

    @Test
    void a_part_described_later_is_found_by_a_type_of_others_too_and_one_taken_away_is_not() {
        DefaultListableBeanFactory parts = filledWithOthers(new BeansByType());
        assertThat(parts.getBeanNamesForType(Closeable.class)).containsExactly("works", "given");
        parts.registerBeanDefinition("later", new RootBeanDefinition(Works.class, Works::new));
        assertThat(parts.getBeanNamesForType(Closeable.class)).containsExactly("works", "given", "later");
        parts.removeBeanDefinition("works");
        assertThat(parts.getBeanNamesForType(Closeable.class)).containsExactly("given", "later");
    }

    private record Keeper(Bat bat) {}

    private record Watcher(Animal animal) {}

    private record Listener(Optional<Nobody> nobody, List<Flying> flying) {}

    @Test
    void a_part_gets_the_one_of_a_type_and_where_there_are_several_it_is_said() {
        DefaultListableBeanFactory parts = filled(new BeansByType());
        Object bat = parts.getBean("bat");
        assertThat(make(parts, Keeper.class).bat()).isSameAs(bat);
        assertThat(make(parts, Listener.class))
                .isEqualTo(new Listener(
                        Optional.empty(),
                        List.copyOf(parts.getBeansOfType(Flying.class).values())));
        assertThatThrownBy(() -> make(parts, Watcher.class))
                .hasRootCauseInstanceOf(NoUniqueBeanDefinitionException.class);
    }

    private static <T> T make(DefaultListableBeanFactory parts, Class<T> kind) {
        return kind.cast(parts.autowire(kind, AutowireCapableBeanFactory.AUTOWIRE_CONSTRUCTOR, false));
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

    private static DefaultListableBeanFactory filledWithOthers(DefaultListableBeanFactory parts) {
        parts.registerSingleton("early", new Thread());
        parts.registerBeanDefinition("works", new RootBeanDefinition(Works.class, Works::new));
        parts.registerBeanDefinition("given", byMethod("given"));
        parts.registerBeanDefinition("word", new RootBeanDefinition(Word.class, Word::new));
        parts.registerBeanDefinition("thread", byMethod("thread"));
        parts.freezeConfiguration();
        parts.preInstantiateSingletons();
        return parts;
    }

    private static RootBeanDefinition byMethod(String name) {
        RootBeanDefinition given = new RootBeanDefinition(Gives.class);
        given.setFactoryMethodName(name);
        return given;
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
