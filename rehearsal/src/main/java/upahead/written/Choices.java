package upahead.written;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import upahead.core.earning.EarningMethod;
import upahead.core.policy.Leftover;
import upahead.core.quantity.Rounding;

/** The choices that terms leave, written in lower case with hyphens: {@code pay-period}. */
public final class Choices {

    private Choices() {}

    /** Whether a type is a choice within terms: all that earning methods leave, and a few of the other rules. */
    public static boolean isOne(Class<?> type) {
        return type.isEnum()
                && (type == Leftover.class
                        || type == Rounding.Mode.class
                        || type.getPackage().equals(EarningMethod.class.getPackage()));
    }

    public static String written(Enum<?> choice) {
        return choice.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** All that can be written for a choice. */
    public static List<String> allOf(Class<?> choices) {
        return Arrays.stream(choices.getEnumConstants())
                .map(choice -> written((Enum<?>) choice))
                .toList();
    }

    /** What a text chooses; nothing where it is none of the choices. */
    public static <E> Optional<E> read(Class<E> choices, String text) {
        return Arrays.stream(choices.getEnumConstants())
                .filter(choice -> written((Enum<?>) choice).equals(text))
                .findFirst();
    }
}
