package upahead.written;

import jakarta.annotation.Nullable;
import java.util.Optional;
import upahead.core.policy.Leftover;
import upahead.core.policy.YearEnd;
import upahead.core.quantity.Amount;

/**
 * What becomes of a balance at a year's end.
 *
 * @param carry {@code all}, {@code none} or the most that is carried over
 * @param excess what becomes of the rest; null for {@code lapse}
 */
public record WrittenYearEnd(
        @Nullable String carry, @Nullable WrittenUsability carriedUsable, @Nullable Leftover excess) {

    public static final String ALL = "all";
    public static final String NONE = "none";

    /** What holds where nothing is written about it. */
    static final WrittenYearEnd USUAL = new WrittenYearEnd(null, null, null);

    private static final int LONGEST = 40;

    YearEnd toYearEnd() {
        Optional<Amount> most = most();
        return RefusedTerms.checked(
                "carry",
                () -> new YearEnd(
                        most,
                        RefusedTerms.within("carriedUsable", carriedUsable, WrittenUsability::toUsability),
                        excess == null ? Leftover.LAPSE : excess));
    }

    private Optional<Amount> most() {
        if (carry == null || carry.equals(ALL)) {
            return Optional.empty();
        }
        if (carry.equals(NONE)) {
            return Optional.of(Amount.ZERO);
        }
        if (carry.length() > LONGEST || !carry.matches("-?\\d+(\\.\\d+)?")) {
            throw RefusedTerms.at("carry", "must be all, none or a number");
        }
        return Optional.of(Amount.of(carry));
    }
}
