package upahead.core.policy;

import java.time.MonthDay;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upahead.core.calendar.BenefitYear;
import upahead.core.calendar.PlainDates;
import upahead.core.earning.Scaling;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

/** Finds rules of one policy that are allowed each by itself but do not go together. */
public final class Contradictions {

    /**
     * Two rules that do not go together.
     *
     * @param place the rule that is best mended, as it is named where terms are written: {@code limits.balance}
     * @param message one or two sentences in plain words
     */
    public record Contradiction(String place, String message) {}

    /** Where terms name how time is earned, the amount of it. */
    public static final String AMOUNT = "earning.amount";

    public static final String TENURE = "tenure";
    public static final String SCALING = "scaling";
    public static final String CARRY = "yearEnd.carry";
    public static final String CARRIED_USABLE = "yearEnd.carriedUsable";
    public static final String CREDITS_USABLE = "creditsUsable";
    public static final String ROUNDING = "rounding";

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
        contradictions.scaling();
        contradictions.carrying();
        contradictions.use();
        contradictions.rounding();
        return List.copyOf(contradictions.found);
    }

    private void say(String place, String message) {
        found.add(new Contradiction(place, message));
    }

    private void limitsOnEarning() {
        Optional<Amount> aYear = mostOfAYear();
        terms.limits()
                .on(Limit.EARNED_PER_YEAR)
                .filter(limit -> aYear.filter(year -> year.isMoreThan(limit)).isPresent())
                .ifPresent(limit -> say(
                        Limit.EARNED_PER_YEAR.place(),
                        "Up to " + aYear.get() + " are offered a benefit year but at most " + limit
                                + " may be earned in it: the rest is withheld every year."));
        if (terms.earning().isAtOnce()) {
            terms.limits()
                    .on(Limit.BALANCE)
                    .filter(limit -> aYear.orElseThrow().isMoreThan(limit))
                    .ifPresent(limit -> say(
                            Limit.BALANCE.place(),
                            "The grant of " + aYear.get() + " is more than the " + limit
                                    + " that may be held: a part of it is withheld every year."));
        }
    }

    /** What a full year offers at most, where that does not depend on hours or on the number of pay periods. */
    private Optional<Amount> mostOfAYear() {
        Amount most = Stream.concat(
                        Stream.of(terms.earning().amount()),
                        terms.tenure().stream().map(TenureBand::amount))
                .reduce(Amount::max)
                .orElseThrow();
        return terms.earning().mostInAYear(most);
    }

    private void scaling() {
        if (terms.scaling() instanceof Scaling.None || terms.earning().isScaled()) {
            return;
        }
        say(
                SCALING,
                terms.earning().earnsByItself()
                        ? "What is earned by hours worked is not scaled: part-timers work less."
                        : "Nothing is earned by itself, so there is nothing to put in proportion.");
    }

    private void tenure() {
        if (terms.tenure().isEmpty()) {
            return;
        }
        if (!terms.earning().earnsByItself()) {
            say(TENURE, "Nothing is earned by itself, so years of service change nothing.");
            return;
        }
        Amount before = terms.earning().amount();
        for (int i = terms.tenure().size() - 1; i >= 0; i--) {
            TenureBand band = terms.tenure().get(i);
            if (before.isMoreThan(band.amount())) {
                say(
                        TENURE,
                        "From " + band.fromYears() + " years of service on, less is earned (" + band.amount()
                                + ") than before (" + before + ").");
            }
            before = band.amount();
        }
    }

    private void carrying() {
        YearEnd yearEnd = terms.yearEnd();
        terms.limits()
                .on(Limit.BALANCE)
                .filter(limit ->
                        yearEnd.carry().filter(carry -> carry.isMoreThan(limit)).isPresent())
                .ifPresent(limit -> say(
                        CARRY,
                        "Up to " + yearEnd.carry().get() + " are carried over but at most " + limit + " may be held."));
        if (yearEnd.carriedUsable().isPresent()) {
            if (yearEnd.carry().filter(Amount::isZero).isPresent()) {
                say(CARRIED_USABLE, "Nothing is carried over, so its last usable day is of no effect.");
            } else {
                lastUsableDay(yearEnd.carriedUsable().get());
            }
        }
        if (yearEnd.excess() == Leftover.PAY_OUT && yearEnd.carry().isEmpty()) {
            say(CARRY, "Everything is carried over, so there is nothing to pay out at the year's end.");
        }
    }

    private void lastUsableDay(Usability usable) {
        if (usable instanceof Usability.Until until && benefitYear instanceof BenefitYear.StartsOn startsOn) {
            MonthDay start = startsOn.start();
            if (until.day().isBefore(start)) {
                say(
                        CARRIED_USABLE,
                        "The last usable day (" + PlainDates.monthDay(until.day())
                                + ") is before the benefit year begins ("
                                + PlainDates.monthDay(start)
                                + "): carried time stays usable until that day of the following"
                                + " calendar year.");
            }
        }
    }

    private void use() {
        if (terms.limits().on(Limit.USED_PER_YEAR).filter(Amount::isZero).isPresent()) {
            say(Limit.USED_PER_YEAR.place(), "With 0 a year nothing can ever be used.");
        }
        terms.creditsUsable()
                .filter(usable -> days(usable.count(), usable.in())
                        <= days(terms.waitToUse().count(), terms.waitToUse().in()))
                .ifPresent(usable -> say(
                        CREDITS_USABLE,
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
                        ROUNDING,
                        "A year of " + year + " is not a multiple of the rounding step: it adds up to " + rounded
                                + ".");
            }
        });
    }
}
