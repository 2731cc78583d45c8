package upahead.core.earning;

import java.util.List;
import java.util.stream.Stream;

/**
 * What of an earning method decides when it posts and for which periods. Two methods of one rhythm differ in their
 * figures alone.
 *
 * @param method the kind of method
 * @param choices those of its choices that matter here
 */
public record Rhythm(Class<? extends EarningMethod> method, List<Enum<?>> choices) {

    public Rhythm {
        choices = List.copyOf(choices);
    }

    static Rhythm of(Class<? extends EarningMethod> method, Enum<?>... choices) {
        return new Rhythm(method, List.of(choices));
    }

    Rhythm and(Enum<?> choice) {
        return new Rhythm(
                method, Stream.concat(choices.stream(), Stream.of(choice)).toList());
    }
}
