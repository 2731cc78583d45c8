package upahead.core.policy;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.Scaling;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;

/**
 * Everything one policy version says about a balance.
 *
 * @param earning how time is earned
 * @param tenure bands of years of service; the largest {@code fromYears} reached counts
 * @param scaling what the amount of a grant or share goes by; of no effect where hours or nothing is earned
 * @param waitToEarn from the hire date
 * @param waitToUse from the hire date
 * @param limits on holding, earning and using
 * @param yearEnd what is carried over
 * @param creditsUsable how long each credit can be used, or nothing where credits never expire
 * @param onLeaving what becomes of what is left on the last day
 * @param rounding of the running total of a benefit year
 */
public record Terms(
        EarningMethod earning,
        List<TenureBand> tenure,
        Scaling scaling,
        Wait waitToEarn,
        Wait waitToUse,
        Limits limits,
        YearEnd yearEnd,
        Optional<Usability.For> creditsUsable,
        Leftover onLeaving,
        Rounding rounding) {

    /**
     * @throws IllegalArgumentException if a band of years of service stands twice
     */
    public Terms {
        Objects.requireNonNull(earning, "earning");
        Objects.requireNonNull(scaling, "scaling");
        Objects.requireNonNull(waitToEarn, "waitToEarn");
        Objects.requireNonNull(waitToUse, "waitToUse");
        Objects.requireNonNull(limits, "limits");
        Objects.requireNonNull(yearEnd, "yearEnd");
        Objects.requireNonNull(onLeaving, "onLeaving");
        Objects.requireNonNull(rounding, "rounding");
        tenure = tenure.stream()
                .sorted(Comparator.comparingInt(TenureBand::fromYears).reversed())
                .toList();
        if (tenure.stream().map(TenureBand::fromYears).distinct().count() < tenure.size()) {
            throw new IllegalArgumentException("two tenure bands begin with the same year of service");
        }
    }

    /** Terms that say only how time is earned. */
    public static Terms earning(EarningMethod earning) {
        return new Terms(
                earning,
                List.of(),
                Scaling.NONE,
                Wait.NONE,
                Wait.NONE,
                Limits.NONE,
                YearEnd.CARRY_ALL,
                Optional.empty(),
                Leftover.LAPSE,
                Rounding.STANDARD);
    }

    /** The amount after some completed years of service: that of the band reached, else the given one. */
    public Amount amountAfter(int completedYears, Amount basic) {
        for (TenureBand band : tenure) {
            if (band.fromYears() <= completedYears) {
                return band.amount();
            }
        }
        return basic;
    }
}
