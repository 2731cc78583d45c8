package upahead.server.platform.starting;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.beans.factory.BeanFactory;
import org.springframework.beans.factory.FactoryBean;
import org.springframework.beans.factory.support.InstanceSupplier;
import org.springframework.beans.factory.support.RootBeanDefinition;
import org.springframework.core.ResolvableType;

/**
 * What all parts are, gone through once. A part that comes from its own constructor is of the types of its class and stays
 * so; of any other the framework has to be asked, since a method may give more than it says.
 */
final class KnownParts {

    /** By every type of ours, whatever made the part. */
    private final Map<Class<?>, List<String>> ofOurs = new HashMap<>();

    /** By every other type, those that are settled. */
    private final Map<Class<?>, List<String>> settled = new HashMap<>();

    private final List<String> open = new ArrayList<>();

    private final Map<String, Integer> order = new HashMap<>();

    private final BeansByType all;

    KnownParts(BeansByType all) {
        this.all = all;
        List<String> described = Stream.of(all.getBeanDefinitionNames())
                .filter(name -> !all.isAlias(name) && !description(name).isAbstract())
                .toList();
        // those that were made by whoever handed them over come last
        Stream<String> handedOver =
                Stream.of(all.getSingletonNames()).filter(name -> !all.containsBeanDefinition(name));
        Stream.concat(described.stream(), handedOver).forEach(this::note);
    }

    /**
     * The names of the parts of a type, in the order in which they were described.
     *
     * @param mayMake whether a part that gives another may be made to find out
     */
    String[] of(Class<?> type, boolean mayMake) {
        if (Ours.is(type)) {
            return ofOurs.getOrDefault(type, List.of()).toArray(String[]::new);
        }
        ResolvableType wanted = ResolvableType.forRawClass(type);
        List<String> names = new ArrayList<>(settled.getOrDefault(type, List.of()));
        for (String name : open) {
            String itself = BeanFactory.FACTORY_BEAN_PREFIX + name;
            if (all.isOf(name, wanted, mayMake)) {
                names.add(name);
            } else if (all.isFactoryBean(name) && all.isOf(itself, wanted, mayMake)) {
                names.add(itself);
            }
        }
        names.sort(Comparator.comparing(
                name -> order.get(name.substring(name.lastIndexOf(BeanFactory.FACTORY_BEAN_PREFIX) + 1))));
        return names.toArray(String[]::new);
    }

    private void note(String name) {
        order.put(name, order.size());
        Class<?> constructed = constructed(name);
        if (constructed == null) {
            open.add(name);
        }
        Class<?> type = constructed == null ? all.getType(name, false) : constructed;
        typesOf(type, new HashSet<>()).forEach(each -> note(each, name, constructed != null));
    }

    private static Set<Class<?>> typesOf(Class<?> type, Set<Class<?>> found) {
        if (type != null && found.add(type)) {
            typesOf(type.getSuperclass(), found);
            for (Class<?> each : type.getInterfaces()) {
                typesOf(each, found);
            }
        }
        return found;
    }

    private void note(Class<?> type, String name, boolean isSettled) {
        boolean isOurs = Ours.is(type);
        if (isOurs || isSettled) {
            (isOurs ? ofOurs : settled)
                    .computeIfAbsent(type, each -> new ArrayList<>())
                    .add(name);
        }
    }

    /** The class that a part comes from by its constructor; null where it comes otherwise, or gives another. */
    private @Nullable Class<?> constructed(String name) {
        if (!all.containsBeanDefinition(name)) {
            return null;
        }
        RootBeanDefinition described = description(name);
        boolean byMethod = described.getFactoryMethodName() != null || described.getResolvedFactoryMethod() != null;
        if (byMethod || !described.hasBeanClass()) {
            return null;
        }
        Class<?> type = described.getBeanClass();
        Supplier<?> supplier = described.getInstanceSupplier();
        // whatever is handed over as a supplier may give more than it says, unless it was made from the constructor
        boolean asSaid = Ours.is(type) || supplier == null || supplier instanceof InstanceSupplier;
        return !asSaid || FactoryBean.class.isAssignableFrom(type) ? null : type;
    }

    private RootBeanDefinition description(String name) {
        return (RootBeanDefinition) all.getMergedBeanDefinition(name);
    }
}
