package upahead.core.policy;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import upahead.core.quantity.Amount;

/**
 * An exception: figures of a policy replaced for one person.
 *
 * @param from the first day on which they hold
 * @param to the last day, or nothing while no end is set
 * @param amount replaces what the earning method and its tenure bands say
 * @param limits those that are replaced
 * @param carry replaces the most that is carried over
 * @param waitToEarn replaces the wait before earning
 * @param waitToUse replaces the wait before use
 */
public record OwnTerms(
        LocalDate from,
        Optional<LocalDate> to,
        Optional<Amount> amount,
        Limits limits,
        Optional<Amount> carry,
        Optional<Wait> waitToEarn,
        Optional<Wait> waitToUse) {

    /**
     * @throws IllegalArgumentException if it ends before it begins or a figure is below zero
     */
    public OwnTerms {
        Objects.requireNonNull(limits, "limits");
        if (to.filter(from::isAfter).isPresent()) {
            throw new IllegalArgumentException("an exception from " + from + " cannot end on " + to.get());
        }
        if (amount.filter(Amount::isNegative)
                .or(() -> carry.filter(Amount::isNegative))
                .isPresent()) {
            throw new IllegalArgumentException("the figures of an exception must be at least 0");
        }
    }

    /** Only another amount to earn. */
    public static OwnTerms earning(LocalDate from, Optional<LocalDate> to, Amount amount) {
        return new OwnTerms(
                from, to, Optional.of(amount), Limits.NONE, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Whether anything is replaced. */
    public boolean isOfEffect() {
        return !limits.isEmpty()
                || List.of(amount, carry, waitToEarn, waitToUse).stream().anyMatch(Optional::isPresent);
    }

    /** The terms of everybody with these figures in their place. */
    Terms applyTo(Terms terms) {
        YearEnd yearEnd = terms.yearEnd();
        return new Terms(
                amount.map(terms.earning()::withAmount).orElse(terms.earning()),
                amount.isPresent() ? List.of() : terms.tenure(),
                terms.scaling(),
                waitToEarn.orElse(terms.waitToEarn()),
                waitToUse.orElse(terms.waitToUse()),
                terms.limits().replacedBy(limits),
                new YearEnd(carry.or(yearEnd::carry), yearEnd.carriedUsable(), yearEnd.excess()),
                terms.creditsUsable(),
                terms.onLeaving(),
                terms.rounding());
    }
}
