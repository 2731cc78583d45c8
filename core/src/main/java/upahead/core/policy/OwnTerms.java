package upahead.core.policy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import upahead.core.quantity.Amount;

/**
 * An exception: figures of a policy replaced for one person.
 *
 * @param from the first day on which they hold
 * @param to the last day, or nothing while no end is set
 * @param figure replaces what the earning method and its tenure bands say
 * @param balanceLimit replaces how much may be held
 * @param earnedPerYear replaces how much may be earned in a benefit year
 * @param usedPerYear replaces how much may be used in a benefit year
 * @param overdraw replaces how far a request may take the balance below zero
 * @param carry replaces the most that is carried over
 * @param waitToEarn replaces the wait before earning
 * @param waitToUse replaces the wait before use
 */
public record OwnTerms(
        LocalDate from,
        Optional<LocalDate> to,
        Optional<Amount> figure,
        Optional<Amount> balanceLimit,
        Optional<Amount> earnedPerYear,
        Optional<Amount> usedPerYear,
        Optional<Amount> overdraw,
        Optional<Amount> carry,
        Optional<Wait> waitToEarn,
        Optional<Wait> waitToUse) {

    /**
     * @throws IllegalArgumentException if it ends before it begins
     */
    public OwnTerms {
        if (to.filter(from::isAfter).isPresent()) {
            throw new IllegalArgumentException("an exception from " + from + " cannot end on " + to.get());
        }
    }

    /** Only another figure to earn. */
    public static OwnTerms earning(LocalDate from, Optional<LocalDate> to, Amount figure) {
        return new OwnTerms(
                from,
                to,
                Optional.of(figure),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** The terms of everybody with these figures in their place. */
    Terms applyTo(Terms terms) {
        Limits limits = terms.limits();
        YearEnd yearEnd = terms.yearEnd();
        return new Terms(
                figure.map(terms.earning()::withFigure).orElse(terms.earning()),
                figure.isPresent() ? List.of() : terms.tenure(),
                terms.scaling(),
                waitToEarn.orElse(terms.waitToEarn()),
                waitToUse.orElse(terms.waitToUse()),
                new Limits(
                        balanceLimit.or(limits::balance),
                        earnedPerYear.or(limits::earnedPerYear),
                        usedPerYear.or(limits::usedPerYear),
                        overdraw.orElse(limits.overdraw())),
                new YearEnd(carry.or(yearEnd::carry), yearEnd.carriedUsable(), yearEnd.excess()),
                terms.creditsUsable(),
                terms.onLeaving(),
                terms.rounding());
    }
}
