package upahead.core.policy;

import java.time.MonthDay;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import upahead.core.calendar.BenefitYear;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.NoEarning;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Upfront;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

/** Finds rules of one policy that are allowed each by itself but do not go together. */
public final class Contradictions {

    /** Which rule a contradiction is best mended in. */
    public enum Rule {
        EARNING,
        TENURE,
        BALANCE_LIMIT,
        EARNED_PER_YEAR_LIMIT,
        USED_PER_YEAR_LIMIT,
        CARRY,
        CARRIED_USABLE,
        CREDITS_USABLE,
        ROUNDING
    }

    /**
     * Two rules that do not go together.
     *
     * @param message one or two sentences in plain words
     */
    public record Contradiction(Rule rule, String message) {}

    private static final int DAYS_OF_A_MONTH = 30;

    private final BenefitYear benefitYear;
    private final Terms terms;
    private final List<Contradiction> found = new ArrayList<>();

    private Contradictions(BenefitYear benefitYear, Terms terms) {
        this.benefitYear = benefitYear;
        this.terms = terms;
    }

    /** All contradictions in the terms of a policy; empty where there is none. */
    public static List<Contradiction> in(BenefitYear benefitYear, Terms terms) {
        Contradictions contradictions = new Contradictions(benefitYear, terms);
        contradictions.limitsOnEarning();
        contradictions.tenure();
        contradictions.carrying();
        contradictions.use();
        contradictions.rounding();
        return List.copyOf(contradictions.found);
    }

    private void say(Rule rule, String message) {
        found.add(new Contradiction(rule, message));
    }

    private void limitsOnEarning() {
        Optional<Amount> aYear = mostOfAYear();
        terms.limits()
                .earnedPerYear()
                .filter(limit -> aYear.filter(year -> year.isMoreThan(limit)).isPresent())
                .ifPresent(limit -> say(
                        Rule.EARNED_PER_YEAR_LIMIT,
                        "Up to " + aYear.get() + " are offered a benefit year but at most " + limit
                                + " may be earned in it: the rest is withheld every year."));
        if (terms.earning() instanceof Upfront) {
            terms.limits()
                    .balance()
                    .filter(limit -> aYear.orElseThrow().isMoreThan(limit))
                    .ifPresent(limit -> say(
                            Rule.BALANCE_LIMIT,
                            "The grant of " + aYear.get() + " is more than the " + limit
                                    + " that may be held: a part of it is withheld every year."));
        }
    }

    /** What a full year offers at most, where that does not depend on hours or on the number of pay periods. */
    private Optional<Amount> mostOfAYear() {
        EarningMethod earning = terms.earning();
        if (earning instanceof Upfront upfront) {
            return Optional.of(most(upfront.amount()));
        }
        if (earning instanceof PerPeriod perPeriod) {
            Amount most = most(perPeriod.rate().amount());
            if (perPeriod.rate().perYear()) {
                return Optional.of(most);
            }
            return perPeriod.every() == PerPeriod.Every.MONTH
                    ? Optional.of(most.times(Amount.of(12)))
                    : Optional.empty();
        }
        return Optional.empty();
    }

    private Amount most(Amount basic) {
        return Stream.concat(Stream.of(basic), terms.tenure().stream().map(TenureBand::amount))
                .reduce(Amount::max)
                .orElseThrow();
    }

    private void tenure() {
        if (terms.tenure().isEmpty()) {
            return;
        }
        if (terms.earning() instanceof NoEarning) {
            say(Rule.TENURE, "Nothing is earned by itself, so years of service change nothing.");
            return;
        }
        Amount before = basicFigure();
        for (int i = terms.tenure().size() - 1; i >= 0; i--) {
            TenureBand band = terms.tenure().get(i);
            if (before.isMoreThan(band.amount())) {
                say(
                        Rule.TENURE,
                        "From " + band.fromYears() + " years of service on, less is earned (" + band.amount()
                                + ") than before (" + before + ").");
            }
            before = band.amount();
        }
    }

    private Amount basicFigure() {
        EarningMethod earning = terms.earning();
        if (earning instanceof Upfront upfront) {
            return upfront.amount();
        }
        return earning instanceof PerPeriod perPeriod ? perPeriod.rate().amount() : ((PerHoursWorked) earning).earn();
    }

    private void carrying() {
        YearEnd yearEnd = terms.yearEnd();
        terms.limits()
                .balance()
                .filter(limit ->
                        yearEnd.carry().filter(carry -> carry.isMoreThan(limit)).isPresent())
                .ifPresent(limit -> say(
                        Rule.CARRY,
                        "Up to " + yearEnd.carry().get() + " are carried over but at most " + limit + " may be held."));
        if (yearEnd.carriedUsable().isPresent()) {
            if (yearEnd.carry().filter(Amount::isZero).isPresent()) {
                say(Rule.CARRIED_USABLE, "Nothing is carried over, so its last usable day is of no effect.");
            } else {
                lastUsableDay(yearEnd.carriedUsable().get());
            }
        }
        if (yearEnd.excess() == Leftover.PAY_OUT && yearEnd.carry().isEmpty()) {
            say(Rule.CARRY, "Everything is carried over, so there is nothing to pay out at the year's end.");
        }
    }

    private void lastUsableDay(Usability usable) {
        if (usable instanceof Usability.Until until && benefitYear instanceof BenefitYear.StartsOn startsOn) {
            MonthDay start = startsOn.start();
            if (until.day().isBefore(start)) {
                say(
                        Rule.CARRIED_USABLE,
                        "The last usable day (" + words(until.day()) + ") is before the benefit year begins ("
                                + words(start) + "): carried time stays usable until that day of the following"
                                + " calendar year.");
            }
        }
    }

    private static String words(MonthDay day) {
        return day.getDayOfMonth() + " " + day.getMonth().getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

    private void use() {
        if (terms.limits().usedPerYear().filter(Amount::isZero).isPresent()) {
            say(Rule.USED_PER_YEAR_LIMIT, "With 0 a year nothing can ever be used.");
        }
        terms.creditsUsable()
                .filter(usable -> days(usable.count(), usable.in())
                        <= days(terms.waitToUse().count(), terms.waitToUse().in()))
                .ifPresent(usable -> say(
                        Rule.CREDITS_USABLE,
                        "What is earned at first lapses before the wait before use ends: nobody can ever use it."));
    }

    private static long days(int count, Wait.In in) {
        return in == Wait.In.DAYS ? count : (long) count * DAYS_OF_A_MONTH;
    }

    private void rounding() {
        mostOfAYear().ifPresent(year -> {
            Amount rounded = terms.rounding().round(Fraction.of(year));
            if (!rounded.equals(year)) {
                say(
                        Rule.ROUNDING,
                        "A year of " + year + " is not a multiple of the rounding step: it adds up to " + rounded
                                + ".");
            }
        });
    }
}
