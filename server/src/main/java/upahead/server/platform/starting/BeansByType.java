package upahead.server.platform.starting;

import java.lang.annotation.Annotation;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.beans.TypeConverter;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.beans.factory.config.DependencyDescriptor;
import org.springframework.beans.factory.support.DefaultListableBeanFactory;
import org.springframework.core.ResolvableType;

/**
 * Finds the parts of a type by going through all parts once, where the framework's own goes through all of them for each
 * type: what is asked for most at a start.
 */
public final class BeansByType extends DefaultListableBeanFactory {

    /** Null until all parts are described, and after another came. */
    private transient volatile KnownParts known;

    private final transient Map<Class<?>, String[]> byType = new ConcurrentHashMap<>();

    private final transient Map<Class<? extends Annotation>, String[]> byAnnotation = new ConcurrentHashMap<>();

    private final transient Map<Class<? extends Annotation>, Map<String, Optional<Annotation>>> annotations =
            new ConcurrentHashMap<>();

    @Override
    public String[] getBeanNamesForType(Class<?> type, boolean includeNonSingletons, boolean allowEagerInit) {
        boolean all = type == null || type == Object.class;
        if (all || !isConfigurationFrozen() || !includeNonSingletons) {
            return super.getBeanNamesForType(type, includeNonSingletons, allowEagerInit);
        }
        return allowEagerInit ? namesOf(type).clone() : knownParts().of(type, false);
    }

    private String[] namesOf(Class<?> type) {
        String[] names = byType.get(type);
        if (names == null) {
            KnownParts parts = knownParts();
            // what is found may make a part, which asks for others in turn
            names = parts.of(type, true);
            if (parts == known) {
                byType.put(type, names);
            }
        }
        return names;
    }

    /** Whether a part is of a type; where it gives another, that one is made to find out only if it may be. */
    boolean isOf(String name, ResolvableType type, boolean mayMake) {
        return isTypeMatch(name, type, mayMake || containsSingleton(name));
    }

    private KnownParts knownParts() {
        KnownParts parts = known;
        if (parts == null) {
            parts = new KnownParts(this);
            known = parts;
        }
        return parts;
    }

    /** Where a part wants just one of ours, and there is just one, nothing has to be weighed. */
    @Override
    public Object resolveDependency(
            DependencyDescriptor wanted, String wantedBy, Set<String> named, TypeConverter converter) {
        Class<?> type = wanted.getDependencyType();
        if (isConfigurationFrozen() && isPlainlyOurs(type) && wanted.getAnnotations().length == 0) {
            String[] names = namesOf(type);
            if (names.length == 1 && !names[0].equals(wantedBy)) {
                if (named != null) {
                    named.add(names[0]);
                }
                return getBean(names[0]);
            }
        }
        return super.resolveDependency(wanted, wantedBy, named, converter);
    }

    private static boolean isPlainlyOurs(Class<?> type) {
        return Ours.is(type) && type.getTypeParameters().length == 0;
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
        if (!isConfigurationFrozen()) {
            return super.findAnnotationOnBean(name, annotation, allowEagerInit);
        }
        Map<String, Optional<Annotation>> found =
                annotations.computeIfAbsent(annotation, each -> new ConcurrentHashMap<>());
        Optional<Annotation> answer = found.get(name);
        if (answer == null) {
            answer = Optional.ofNullable(findOnce(name, annotation, allowEagerInit));
            found.put(name, answer);
        }
        return answer.map(annotation::cast).orElse(null);
    }

    private <A extends Annotation> A findOnce(String name, Class<A> annotation, boolean allowEagerInit) {
        Class<?> type = getType(name, false);
        return type == null || CarriedBy.mayBeOn(annotation, type)
                ? super.findAnnotationOnBean(name, annotation, allowEagerInit)
                : null;
    }

    @Override
    public void registerSingleton(String name, Object part) {
        super.registerSingleton(name, part);
        forget();
    }

    @Override
    public void registerBeanDefinition(String name, BeanDefinition description) {
        super.registerBeanDefinition(name, description);
        forget();
    }

    @Override
    public void removeBeanDefinition(String name) {
        super.removeBeanDefinition(name);
        forget();
    }

    private void forget() {
        known = null;
        byType.clear();
        byAnnotation.clear();
        annotations.clear();
    }
}
