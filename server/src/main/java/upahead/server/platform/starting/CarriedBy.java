package upahead.server.platform.starting;

import java.lang.annotation.Annotation;
import java.util.stream.Stream;

/** Annotations of the framework that stand on its own parts alone, yet every part would be looked at for them. */
final class CarriedBy {

    private static final String[] THEIR_OWN = {"org.springframework.boot.actuate.", "org.springframework.boot.jackson."
    };

    private CarriedBy() {}

    static boolean mayBeOn(Class<? extends Annotation> annotation, Class<?> type) {
        return Stream.of(THEIR_OWN).filter(annotation.getName()::startsWith).allMatch(type.getName()::startsWith);
    }
}
