package upahead.server.platform.tables;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import upahead.core.quantity.Amount;
import upahead.server.platform.problems.Refusal;

/**
 * What a figure has to be for its row to be shown.
 *
 * @param figure by the key of its column
 * @param upTo the other bound of {@link How#BETWEEN}, else the same as {@code bound}
 */
public record Condition(String figure, How how, Amount bound, Amount upTo) {

    private static final Pattern WRITTEN =
            Pattern.compile("([A-Za-z_]+) (at-least|at-most|exactly|between) (-?[\\d.]{1,12})(?: (-?[\\d.]{1,12}))?");

    /** How a figure is compared. */
    public enum How {
        AT_LEAST,
        AT_MOST,
        EXACTLY,
        BETWEEN
    }

    /**
     * Reads conditions such as {@code worked at-least 8} and {@code under between 1 4}, all of which have to hold.
     *
     * @param written null for none
     * @throws Refusal if one cannot be read
     */
    public static List<Condition> read(List<String> written) {
        return written == null
                ? List.of()
                : written.stream().map(Condition::read).toList();
    }

    private static Condition read(String written) {
        Matcher match = WRITTEN.matcher(written);
        if (!match.matches()) {
            throw unreadable(written);
        }
        try {
            How how = How.valueOf(match.group(2).replace('-', '_').toUpperCase(Locale.ROOT));
            Amount bound = Amount.of(match.group(3));
            return new Condition(
                    match.group(1), how, bound, match.group(4) == null ? bound : Amount.of(match.group(4)));
        } catch (IllegalArgumentException unknown) {
            throw unreadable(written);
        }
    }

    private static Refusal unreadable(String written) {
        return Refusal.of("condition", "“" + written + "” is no condition; one is worked at-least 8.");
    }

    /** Whether it holds for a figure. */
    public boolean holds(Amount value) {
        return switch (how) {
            case AT_LEAST -> !bound.isMoreThan(value);
            case AT_MOST -> !value.isMoreThan(bound);
            case EXACTLY -> value.equals(bound);
            case BETWEEN -> !bound.isMoreThan(value) && !value.isMoreThan(upTo);
        };
    }
}
