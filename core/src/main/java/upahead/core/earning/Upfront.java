package upahead.core.earning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PlainDates;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Unit;

/**
 * The amount on the first day of each benefit year and, in a partial first year, a fraction of it on the day on which
 * earning begins.
 *
 * @param amount a year, in the policy's unit, not below zero
 * @param firstYear the fraction of a partial first year
 */
public record Upfront(Amount amount, FirstYear firstYear) implements EarningMethod {

    /** How much a partial first benefit year brings. */
    public enum FirstYear {
        /** The whole amount. */
        FULL("the whole amount"),
        /** By the calendar days from the first day to the year's last, both counted. */
        BY_DAYS("a part by the days left"),
        /** By months begun, in twelfths. */
        BY_MONTHS("a part by the months begun");

        private final String words;

        FirstYear(String words) {
            this.words = words;
        }
    }

    /** In what a partial first year is counted. */
    enum Counted {
        WHOLE_YEAR,
        FULL_FIRST_YEAR,
        DAYS,
        MONTHS
    }

    /**
     * A grant.
     *
     * @param year the benefit year it is for
     * @param amount the policy's amount, tenure minded
     * @param scale what it was scaled by
     * @param portion how much of the year's grant is due: 1, or less in a partial first year
     * @param counted the unit in which the portion was counted
     */
    record Granted(DateSpan year, Amount amount, Scale scale, Portion portion, Counted counted) implements Basis {
        @Override
        public boolean isGrant() {
            return true;
        }

        @Override
        public String words() {
            String part = counted == Counted.DAYS || counted == Counted.MONTHS
                    ? " for " + portion.part() + " of " + portion.whole()
                            + (counted == Counted.DAYS ? " days" : " months")
                    : "";
            return "Granted for the benefit year " + PlainDates.span(year) + ", " + amount + scale.words() + part;
        }
    }

    private record Grant(LocalDate on, DateSpan year, Share share) implements Posting {
        @Override
        public boolean atStartOfDay() {
            return true;
        }

        @Override
        public Share share(CountedHours before) {
            return share;
        }

        @Override
        public Optional<DateSpan> grants() {
            return Optional.of(year);
        }
    }

    /**
     * @throws IllegalArgumentException if the amount is below zero
     */
    public Upfront {
        Objects.requireNonNull(firstYear, "firstYear");
        Figures.requireNotNegative(amount, "the amount granted a year");
    }

    @Override
    public EarningMethod withAmount(Amount other) {
        return new Upfront(other, firstYear);
    }

    @Override
    public Rhythm rhythm() {
        return Rhythm.of(Upfront.class);
    }

    @Override
    public boolean isScaled() {
        return true;
    }

    @Override
    public Optional<Amount> mostInAYear(Amount of) {
        return Optional.of(of);
    }

    @Override
    public boolean isAtOnce() {
        return true;
    }

    @Override
    public String inWords(Unit unit) {
        return unit.counted(amount) + " granted each benefit year";
    }

    @Override
    public List<String> particulars() {
        return List.of("Whoever begins later in the year gets " + firstYear.words + ".");
    }

    @Override
    public List<RuleInWords> choices() {
        return List.of(new RuleInWords("First year", firstYear.words));
    }

    @Override
    public List<Posting> postings(EarningContext context) {
        LocalDate begins = context.earningBegins();
        List<Posting> postings = new ArrayList<>();
        DateSpan first = context.benefitYearOf(begins);
        if (!first.first().equals(begins) && isDue(context, begins)) {
            postings.add(grant(context, begins, first, portionOfFirst(first, begins), countedInFirst()));
        }
        DateSpan year = context.benefitYearOf(context.days().first());
        while (!year.first().isAfter(context.days().last())) {
            if (!year.first().isBefore(begins) && isDue(context, year.first())) {
                postings.add(grant(context, year.first(), year, Portion.ALL, Counted.WHOLE_YEAR));
            }
            year = context.benefitYearOf(year.last().plusDays(1));
        }
        return postings;
    }

    private static boolean isDue(EarningContext context, LocalDate on) {
        return context.days().contains(on) && !on.isAfter(context.earningEnds());
    }

    private Posting grant(EarningContext context, LocalDate on, DateSpan year, Portion portion, Counted counted) {
        Amount due = context.amountOn(on, amount);
        Scale scale = context.scaleOn(on);
        Fraction exact = Fraction.of(due).times(scale.factor()).times(portion.asFraction());
        return new Grant(on, year, new Share(exact, new Granted(year, due, scale, portion, counted)));
    }

    private Portion portionOfFirst(DateSpan year, LocalDate begins) {
        return switch (firstYear) {
            case FULL -> Portion.ALL;
            case BY_DAYS -> new Portion(new DateSpan(begins, year.last()).days(), year.days());
            case BY_MONTHS -> new Portion(monthsBegun(begins, year), 12);
        };
    }

    private Counted countedInFirst() {
        return switch (firstYear) {
            case FULL -> Counted.FULL_FIRST_YEAR;
            case BY_DAYS -> Counted.DAYS;
            case BY_MONTHS -> Counted.MONTHS;
        };
    }

    private static int monthsBegun(LocalDate begins, DateSpan year) {
        LocalDate nextYear = year.last().plusDays(1);
        int months = 0;
        while (begins.plusMonths(months).isBefore(nextYear)) {
            months++;
        }
        return months;
    }
}
