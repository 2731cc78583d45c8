package upahead.core.earning;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
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
    public Object periods() {
        return every == Every.MONTH ? List.of(rhythm(), months) : rhythm();
    }

    @Override
    public EarningMethod withFigure(Amount figure) {
        return new PerPeriod(every, new Rate(figure, rate.perYear()), posts, months, partial);
    }

    @Override
    public List<Posting> postings(EarningContext context) {
        Optional<DateSpan> earning = DateSpan.between(context.earningBegins(), context.earningEnds())
                .flatMap(span -> span.intersection(context.days()));
        if (earning.isEmpty()) {
            return List.of();
        }
        List<Posting> postings = new ArrayList<>();
        Map<DateSpan, Integer> periodsByYear = new HashMap<>();
        DateSpan span = earning.get();
        if (every == Every.MONTH && months == Months.FROM_HIRE) {
            for (DateSpan month : monthsFromHire(context.hired(), span)) {
                posting(context, month, periodsByYear).ifPresent(postings::add);
            }
            return postings;
        }
        DateSpan period = periodOf(context, span.first());
        while (!period.first().isAfter(span.last())) {
            posting(context, period, periodsByYear).ifPresent(postings::add);
            period = periodOf(context, period.last().plusDays(1));
        }
        return postings;
    }

    private DateSpan periodOf(EarningContext context, LocalDate day) {
        return switch (every) {
            case PAY_PERIOD -> context.payCalendar().periodOf(day);
            case DAY -> new DateSpan(day, day);
            case MONTH -> new PayCalendar(PayCalendar.Every.MONTH, day).periodOf(day);
        };
    }

    private static List<DateSpan> monthsFromHire(LocalDate hired, DateSpan span) {
        long guess = Math.max(0, ChronoUnit.MONTHS.between(hired, span.first()) - 1);
        return Stream.iterate(guess, month -> month + 1)
                .map(month -> new DateSpan(
                        hired.plusMonths(month), hired.plusMonths(month + 1).minusDays(1)))
                .dropWhile(month -> month.last().isBefore(span.first()))
                .takeWhile(month -> !month.first().isAfter(span.last()))
                .toList();
    }

    private Optional<Posting> posting(EarningContext context, DateSpan period, Map<DateSpan, Integer> periodsByYear) {
        boolean atStart = posts == Posts.START && every != Every.DAY;
        DateSpan same = context.samePeriods();
        LocalDate on = atStart
                ? DateSpan.later(DateSpan.later(period.first(), same.first()), context.earningBegins())
                : DateSpan.earlier(DateSpan.earlier(period.last(), same.last()), context.earningEnds());
        if (!context.days().contains(on) || on.isBefore(context.earningBegins()) || on.isAfter(context.earningEnds())) {
            return Optional.empty();
        }
        Optional<DateSpan> due = due(context, period, atStart);
        if (due.isEmpty()) {
            return Optional.empty();
        }
        List<DateSpan> covered = covered(context, due.get());
        Portion portion = portion(context, period, due.get(), covered);
        if (covered.isEmpty() || portion.part() == 0) {
            return Optional.empty();
        }
        int periods = rate.perYear()
                ? periodsByYear.computeIfAbsent(context.benefitYearOf(on), year -> periodsIn(context, year))
                : 1;
        Amount figure = context.figureOn(on, rate.amount());
        Basis.Scale scale = context.averageScale(covered);
        Fraction exact = Fraction.of(figure)
                .times(Fraction.of(1, periods))
                .times(scale.factor())
                .times(portion.asFraction());
        Basis basis = new Basis.PeriodShare(period, figure, periods, scale, portion);
        return Optional.of(new Posting.Settled(on, atStart, new Share(exact, basis)));
    }

    /**
     * The days of a period that this rhythm pays for: not those under a version with other periods, and none twice. What
     * posts at the start pays for the whole of its period, also for days under a later version.
     */
    private static Optional<DateSpan> due(EarningContext context, DateSpan period, boolean atStart) {
        DateSpan same = context.samePeriods();
        LocalDate first = DateSpan.later(period.first(), same.first());
        if (!context.paidThrough().isBefore(first)) {
            first = context.paidThrough().plusDays(1);
        }
        return DateSpan.between(first, atStart ? period.last() : DateSpan.earlier(period.last(), same.last()));
    }

    /** {@link #partial} decides about the whole period; of what it leaves, the days that are due bring their part. */
    private Portion portion(EarningContext context, DateSpan period, DateSpan due, List<DateSpan> covered) {
        return switch (partial) {
            case FULL -> new Portion(due.days(), period.days());
            case BY_DAYS -> new Portion(DateSpan.days(covered), period.days());
            case NONE ->
                DateSpan.days(covered(context, period)) < period.days()
                        ? new Portion(0, period.days())
                        : new Portion(due.days(), period.days());
        };
    }

    /** How many of the calendar's own posting dates lie in a benefit year, whoever is employed. */
    private int periodsIn(EarningContext context, DateSpan year) {
        return switch (every) {
            case MONTH -> 12;
            case DAY -> (int) year.days();
            case PAY_PERIOD -> payPeriodsIn(context.payCalendar(), year);
        };
    }

    private int payPeriodsIn(PayCalendar calendar, DateSpan year) {
        int count = 0;
        DateSpan period = calendar.periodOf(year.first());
        while (!period.first().isAfter(year.last())) {
            if (year.contains(posts == Posts.START ? period.first() : period.last())) {
                count++;
            }
            period = calendar.after(period);
        }
        return count;
    }

    /** The stretches of some days on which the employee earns by time. */
    private static List<DateSpan> covered(EarningContext context, DateSpan period) {
        LocalDate first = DateSpan.later(period.first(), context.earningBegins());
        LocalDate last = DateSpan.earlier(period.last(), context.earningEnds());
        return last.isBefore(first) ? List.of() : context.withoutPauses(new DateSpan(first, last));
    }
}
