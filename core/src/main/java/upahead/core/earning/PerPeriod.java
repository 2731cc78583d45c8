package upahead.core.earning;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PayCalendar;
import upahead.core.earning.Basis.Portion;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

/**
 * A share each pay period, month or day.
 *
 * @param every how often a share is due
 * @param rate the figure of a period, or of a year that is divided over its periods
 * @param posts whether a share posts at its period's start or end; days always post on the day
 * @param months where months begin, of no effect for pay periods and days
 * @param partial what a period brings that the employee covers only in part
 */
public record PerPeriod(Every every, Rate rate, Posts posts, Months months, Partial partial) implements EarningMethod {

    /** How often a share is due. */
    public enum Every {
        PAY_PERIOD,
        MONTH,
        DAY
    }

    /** When in its period a share posts. */
    public enum Posts {
        START,
        END
    }

    /** Where months begin. */
    public enum Months {
        CALENDAR,
        FROM_HIRE
    }

    /** What a period brings that the employee covers only in part. */
    public enum Partial {
        FULL,
        NONE,
        BY_DAYS
    }

    /**
     * How much is earned.
     *
     * @param amount not below zero, in the policy's unit
     * @param perYear whether it is the amount of a year rather than of a period
     */
    public record Rate(Amount amount, boolean perYear) {
        /**
         * @throws IllegalArgumentException if the amount is below zero
         */
        public Rate {
            Figures.requireNotNegative(amount, perYear ? "the amount a year" : "the amount a period");
        }
    }

    public PerPeriod {
        Objects.requireNonNull(every, "every");
        Objects.requireNonNull(rate, "rate");
        Objects.requireNonNull(posts, "posts");
        Objects.requireNonNull(months, "months");
        Objects.requireNonNull(partial, "partial");
    }

    @Override
    public Object rhythm() {
        return every == Every.DAY ? List.of(getClass(), every) : List.of(getClass(), every, posts);
    }

    @Override
    public EarningMethod withFigure(Amount figure) {
        return new PerPeriod(every, new Rate(figure, rate.perYear()), posts, months, partial);
    }

    @Override
    public Stream<Posting> postings(EarningContext context) {
        Optional<DateSpan> earning = DateSpan.between(context.earningBegins(), context.earningEnds())
                .flatMap(span -> span.intersection(context.days()));
        if (earning.isEmpty()) {
            return Stream.empty();
        }
        Map<DateSpan, Integer> periodsByYear = new HashMap<>();
        return periodsTouching(context, earning.get())
                .flatMap(period -> posting(context, period, periodsByYear).stream());
    }

    private Stream<DateSpan> periodsTouching(EarningContext context, DateSpan span) {
        return switch (every) {
            case PAY_PERIOD -> context.payCalendar().periodsTouching(span);
            case DAY -> span.dates().map(day -> new DateSpan(day, day));
            case MONTH ->
                switch (months) {
                    case CALENDAR -> new PayCalendar(PayCalendar.Every.MONTH, span.first()).periodsTouching(span);
                    case FROM_HIRE -> monthsFromHire(context.hired(), span);
                };
        };
    }

    private static Stream<DateSpan> monthsFromHire(LocalDate hired, DateSpan span) {
        long guess = Math.max(0, ChronoUnit.MONTHS.between(hired, span.first()) - 1);
        return Stream.iterate(guess, month -> month + 1)
                .map(month -> new DateSpan(
                        hired.plusMonths(month), hired.plusMonths(month + 1).minusDays(1)))
                .dropWhile(month -> month.last().isBefore(span.first()))
                .takeWhile(month -> !month.first().isAfter(span.last()));
    }

    private Optional<Posting> posting(EarningContext context, DateSpan period, Map<DateSpan, Integer> periodsByYear) {
        boolean atStart = posts == Posts.START && every != Every.DAY;
        LocalDate on = atStart
                ? DateSpan.later(period.first(), context.earningBegins())
                : DateSpan.earlier(period.last(), context.earningEnds());
        if (!context.days().contains(on) || on.isBefore(context.earningBegins()) || on.isAfter(context.earningEnds())) {
            return Optional.empty();
        }
        Covered covered = covered(context, period);
        if (covered.days() == 0 || (partial == Partial.NONE && covered.days() < period.days())) {
            return Optional.empty();
        }
        Portion portion = partial == Partial.BY_DAYS ? new Portion(covered.days(), period.days()) : Portion.ALL;
        int periods = rate.perYear()
                ? periodsByYear.computeIfAbsent(context.benefitYearOf(on), year -> periodsIn(context, year))
                : 1;
        Amount figure = context.figureOn(on, rate.amount());
        Fraction exact = Fraction.of(figure)
                .times(Fraction.of(1, periods))
                .times(covered.averageFte())
                .times(portion.asFraction());
        Basis basis = new Basis.PeriodShare(period, figure, periods, covered.averageFte(), portion);
        return Optional.of(new Posting.Settled(on, atStart, new Share(exact, basis)));
    }

    /** How many of the calendar's own posting dates lie in a benefit year, whoever is employed. */
    private int periodsIn(EarningContext context, DateSpan year) {
        return switch (every) {
            case MONTH -> 12;
            case DAY -> (int) year.days();
            case PAY_PERIOD ->
                (int) context.payCalendar()
                        .periodsTouching(year)
                        .map(period -> posts == Posts.START ? period.first() : period.last())
                        .filter(year::contains)
                        .count();
        };
    }

    private record Covered(long days, Fraction averageFte) {}

    private static Covered covered(EarningContext context, DateSpan period) {
        LocalDate last = DateSpan.earlier(period.last(), context.earningEnds());
        long days = 0;
        Amount fte = Amount.ZERO;
        for (LocalDate day = DateSpan.later(period.first(), context.earningBegins());
                !day.isAfter(last);
                day = day.plusDays(1)) {
            if (!context.isPausedOn(day)) {
                days++;
                fte = fte.plus(context.fteOn(day));
            }
        }
        return new Covered(days, days == 0 ? Fraction.ZERO : Fraction.of(fte).times(Fraction.of(1, days)));
    }
}
