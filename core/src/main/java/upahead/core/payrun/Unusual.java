package upahead.core.payrun;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import upahead.core.quantity.Amount;

/** What in a pay run deserves a look, told by figures alone. */
public final class Unusual {

    private static final Amount HALF = new Amount(new BigDecimal("0.5"));
    private static final Amount HALF_MORE = new Amount(new BigDecimal("1.5"));
    private static final Amount NINE_TENTHS = new Amount(new BigDecimal("0.9"));

    private Unusual() {}

    /**
     * Whether a figure is far from those of earlier runs: less than half of the least of them, or more than one and a half
     * times the greatest. Where one of them is 0 or less, or there are fewer than three, no habit is seen in them.
     *
     * @param before of the last runs, in any order
     */
    public static boolean isFarFrom(Amount now, List<Amount> before) {
        if (before.size() < 3 || !before.stream().allMatch(Amount::isPositive)) {
            return false;
        }
        Amount least = before.stream().min(Comparator.naturalOrder()).orElseThrow();
        Amount most = before.stream().max(Comparator.naturalOrder()).orElseThrow();
        return least.times(HALF).isMoreThan(now) || now.isMoreThan(most.times(HALF_MORE));
    }

    /**
     * Whether what was used in a year is near a limit: nine tenths of it or more.
     *
     * @param limit above 0
     */
    public static boolean isNear(Amount used, Amount limit) {
        return !limit.times(NINE_TENTHS).isMoreThan(used);
    }
}
