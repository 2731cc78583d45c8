package upahead.written;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

/** Something written that cannot be a policy's terms: where it stands within them, and why. */
public final class RefusedTerms extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String place;
    private final boolean missing;

    private RefusedTerms(String place, String why, boolean missing) {
        super(why);
        this.place = place;
        this.missing = missing;
    }

    static RefusedTerms at(String place, String why) {
        return new RefusedTerms(place, why, false);
    }

    /** The path of what is refused, such as {@code earning.forEvery}; empty for the terms as a whole. */
    public String place() {
        return place;
    }

    /** Whether nothing is written where something must be. */
    public boolean isMissing() {
        return missing;
    }

    /**
     * @throws RefusedTerms if the value is null
     */
    static <T> T required(String place, T value) {
        if (value == null) {
            throw new RefusedTerms(place, "is required", true);
        }
        return value;
    }

    /**
     * The value, if the core takes it.
     *
     * @throws RefusedTerms if it does not
     */
    static <T> T checked(String place, Supplier<T> value) {
        try {
            return value.get();
        } catch (IllegalArgumentException refused) {
            throw at(place, refused.getMessage());
        }
    }

    /**
     * What a written part means, nothing where it is left out.
     *
     * @throws RefusedTerms if it cannot be, at its place within the whole
     */
    static <W, T> Optional<T> within(String place, W written, Function<W, T> meaning) {
        try {
            return Optional.ofNullable(written).map(meaning);
        } catch (RefusedTerms inner) {
            throw new RefusedTerms(
                    inner.place.isEmpty() ? place : place + "." + inner.place, inner.getMessage(), inner.missing);
        } catch (IllegalArgumentException refused) {
            throw at(place, refused.getMessage());
        }
    }
}
