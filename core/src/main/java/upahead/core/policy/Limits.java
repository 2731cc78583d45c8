package upahead.core.policy;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import upahead.core.quantity.Amount;

/** The limits that a policy, or an exception from it, sets. Immutable. */
public final class Limits {

    public static final Limits NONE = new Limits(Map.of());

    private final Map<Limit, Amount> figures;

    private Limits(Map<Limit, Amount> figures) {
        this.figures = figures;
    }

    /**
     * @param figures of those that are set, at least 0
     * @throws IllegalArgumentException if one is below zero
     */
    public static Limits of(Map<Limit, Amount> figures) {
        if (figures.isEmpty()) {
            return NONE;
        }
        figures.forEach((limit, figure) -> {
            if (figure.isNegative()) {
                throw new IllegalArgumentException("a limit must be at least 0, not " + figure);
            }
        });
        return new Limits(Collections.unmodifiableMap(new EnumMap<>(figures)));
    }

    /** These limits and one more, or another figure of one. */
    public Limits with(Limit limit, Amount figure) {
        Map<Limit, Amount> more = new EnumMap<>(Limit.class);
        more.putAll(figures);
        more.put(limit, figure);
        return of(more);
    }

    /** These limits with others in their place where the others are set. */
    Limits replacedBy(Limits others) {
        Map<Limit, Amount> both = new EnumMap<>(Limit.class);
        both.putAll(figures);
        both.putAll(others.figures);
        return of(both);
    }

    /** The figure of a limit, at least 0; nothing where it is not set. */
    public Optional<Amount> on(Limit limit) {
        return Optional.ofNullable(figures.get(limit));
    }

    /** The figure of a limit that is 0 where it is not set. */
    public Amount orZero(Limit limit) {
        return figures.getOrDefault(limit, Amount.ZERO);
    }

    /** Whether no limit is set. */
    public boolean isEmpty() {
        return figures.isEmpty();
    }

    /** Those that are set, in the order of {@link Limit}. */
    public void forEach(BiConsumer<Limit, Amount> each) {
        figures.forEach(each);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Limits limits && figures.equals(limits.figures);
    }

    @Override
    public int hashCode() {
        return figures.hashCode();
    }

    @Override
    public String toString() {
        return figures.toString();
    }
}
