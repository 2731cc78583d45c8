package upahead.server.platform.starting;

import java.lang.annotation.Annotation;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.springframework.beans.factory.support.DefaultListableBeanFactory;
import org.springframework.util.ClassUtils;

/**
 * Finds the parts of a type of ours by going through all parts once, where the framework's own goes through all of them for
 * each type: what is asked for most at a start.
 */
public final class BeansByType extends DefaultListableBeanFactory {

    /** What a part of ours never is, yet all of them would be asked for. */
    private static final String WATCHING = "org.springframework.boot.actuate.";

    /** By every type of ours that a part is of; null until all parts are known. */
    private transient volatile Map<Class<?>, List<String>> byType;

    private final transient Map<Class<? extends Annotation>, String[]> byAnnotation = new ConcurrentHashMap<>();

    @Override
    public String[] getBeanNamesForType(Class<?> type, boolean includeNonSingletons, boolean allowEagerInit) {
        boolean known = isOurs(type) && isConfigurationFrozen();
        if (!known || !includeNonSingletons || !allowEagerInit) {
            return super.getBeanNamesForType(type, includeNonSingletons, allowEagerInit);
        }
        if (byType == null) {
            byType = goThroughAll();
        }
        return byType.getOrDefault(type, List.of()).toArray(String[]::new);
    }

    @Override
    public String[] getBeanNamesForAnnotation(Class<? extends Annotation> annotation) {
        return isConfigurationFrozen()
                ? byAnnotation
                        .computeIfAbsent(annotation, super::getBeanNamesForAnnotation)
                        .clone()
                : super.getBeanNamesForAnnotation(annotation);
    }

    @Override
    public <A extends Annotation> A findAnnotationOnBean(String name, Class<A> annotation, boolean allowEagerInit) {
        boolean never = annotation.getName().startsWith(WATCHING) && isOurs(getType(name, false));
        return never ? null : super.findAnnotationOnBean(name, annotation, allowEagerInit);
    }

    private static boolean isOurs(Class<?> type) {
        return type != null && Ours.is(type);
    }

    @Override
    public void registerSingleton(String name, Object part) {
        super.registerSingleton(name, part);
        byType = null;
    }

    private Map<Class<?>, List<String>> goThroughAll() {
        Map<Class<?>, List<String>> found = new HashMap<>();
        List<String> names = new ArrayList<>(List.of(getBeanDefinitionNames()));
        // those that were made by whoever handed them over come last
        Stream.of(getSingletonNames())
                .filter(name -> !containsBeanDefinition(name))
                .forEach(names::add);
        for (String name : names) {
            Class<?> type = getType(name, false);
            for (Class<?> each = type; each != null; each = each.getSuperclass()) {
                note(found, each, name);
            }
            if (type != null) {
                ClassUtils.getAllInterfacesForClassAsSet(type).forEach(each -> note(found, each, name));
            }
        }
        return Map.copyOf(found);
    }

    private static void note(Map<Class<?>, List<String>> found, Class<?> type, String name) {
        if (Ours.is(type)) {
            found.computeIfAbsent(type, each -> new ArrayList<>()).add(name);
        }
    }
}
