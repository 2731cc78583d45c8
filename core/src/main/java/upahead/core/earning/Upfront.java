package upahead.core.earning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import upahead.core.calendar.DateSpan;
import upahead.core.earning.Basis.Counted;
import upahead.core.earning.Basis.Portion;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

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
        FULL,
        /** By the calendar days from the first day to the year's last, both counted. */
        BY_DAYS,
        /** By months begun, in twelfths. */
        BY_MONTHS
    }

    /**
     * @throws IllegalArgumentException if the amount is below zero
     */
    public Upfront {
        Objects.requireNonNull(firstYear, "firstYear");
        Figures.requireNotNegative(amount, "the amount granted a year");
    }

    @Override
    public EarningMethod withFigure(Amount figure) {
        return new Upfront(figure, firstYear);
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
        Amount figure = context.figureOn(on, amount);
        Basis.Scale scale = context.scaleOn(on);
        Fraction exact = Fraction.of(figure).times(scale.factor()).times(portion.asFraction());
        return new Posting.Settled(on, true, new Share(exact, new Basis.Grant(year, figure, scale, portion, counted)));
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
