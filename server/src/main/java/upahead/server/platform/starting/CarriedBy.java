package upahead.server.platform.starting;

import java.lang.annotation.Annotation;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.ControllerAdvice;

/** Which annotations are on which parts at most, where every part would be looked at for them. */
final class CarriedBy {

    /** Those of the framework that stand on its own parts alone. */
    private static final String[] THEIR_OWN = {"org.springframework.boot.actuate.", "org.springframework.boot.jackson."
    };

    private CarriedBy() {}

    static boolean mayBeOn(Class<? extends Annotation> annotation, Class<?> type) {
        String theirs = Stream.of(THEIR_OWN)
                .filter(annotation.getName()::startsWith)
                .findFirst()
                .orElse("");
        boolean onParts = !theirs.isEmpty() || annotation == ControllerAdvice.class;
        return type.getName().startsWith(theirs) && !(onParts && Describes.is(type));
    }
}
