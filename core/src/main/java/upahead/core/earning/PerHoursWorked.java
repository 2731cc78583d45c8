package upahead.core.earning;

import java.math.BigInteger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

/**
 * An amount for every so many hours worked.
 *
 * @param earn not below zero, in the policy's unit
 * @param forEvery hours, above zero
 * @param wholeStepsOnly whether left-over hours wait until a step is whole
 * @param counts the kinds of hours that count
 * @param paidLeaveCounts whether paid leave, of whatever policy, counts as hours worked
 * @param paidHolidaysCount whether the scheduled hours of holidays count
 * @param posts whether it posts each day, or at the end of the pay period and, so that hours count in the year in
 *     which they are worked, on the last day of a benefit year and of employment
 */
public record PerHoursWorked(
        Amount earn,
        Amount forEvery,
        boolean wholeStepsOnly,
        Set<String> counts,
        boolean paidLeaveCounts,
        boolean paidHolidaysCount,
        Posts posts)
        implements EarningMethod {

    /** When the hours post. */
    public enum Posts {
        PAY_PERIOD_END,
        DAY
    }

    /** The kinds of hours that count where a policy does not say. */
    public static final Set<String> STANDARD_KINDS = Set.of("regular", "overtime");

    /**
     * @throws IllegalArgumentException if {@code earn} is below or {@code forEvery} not above zero
     */
    public PerHoursWorked {
        Objects.requireNonNull(posts, "posts");
        Figures.requireNotNegative(earn, "the amount earned for a number of hours");
        Figures.requirePositive(forEvery, "the number of hours for which something is earned");
        counts = Set.copyOf(counts);
    }

    @Override
    public boolean isScalable() {
        return false;
    }

    @Override
    public Object rhythm() {
        return List.of(getClass(), posts);
    }

    @Override
    public EarningMethod withFigure(Amount figure) {
        return new PerHoursWorked(figure, forEvery, wholeStepsOnly, counts, paidLeaveCounts, paidHolidaysCount, posts);
    }

    @Override
    public Stream<Posting> postings(EarningContext context) {
        Optional<DateSpan> earning = DateSpan.between(context.earningBegins(), context.earningEnds())
                .flatMap(span -> span.intersection(context.days()));
        return earning.stream()
                .flatMap(context.payCalendar()::periodsTouching)
                .flatMap(period -> windows(context, period))
                .filter(window ->
                        context.days().contains(window.last()) && !window.last().isBefore(context.earningBegins()))
                .map(window -> new HoursPosting(this, window, context));
    }

    private Stream<DateSpan> windows(EarningContext context, DateSpan period) {
        if (posts == Posts.DAY) {
            return period.dates()
                    .filter(day -> !day.isAfter(context.earningEnds()))
                    .map(day -> new DateSpan(day, day));
        }
        List<DateSpan> windows = new ArrayList<>();
        LocalDate last = DateSpan.earlier(period.last(), context.earningEnds());
        LocalDate first = period.first();
        while (!first.isAfter(last)) {
            LocalDate end = DateSpan.earlier(last, context.benefitYearOf(first).last());
            windows.add(new DateSpan(first, end));
            first = end.plusDays(1);
        }
        return windows.stream();
    }

    private record HoursPosting(PerHoursWorked method, DateSpan days, LocalDate on, Amount earn, Amount hours)
            implements Posting {

        HoursPosting(PerHoursWorked method, DateSpan days, EarningContext context) {
            this(
                    method,
                    days,
                    days.last(),
                    context.figureOn(days.last(), method.earn),
                    context.countedHours(days, method));
        }

        @Override
        public boolean atStartOfDay() {
            return false;
        }

        @Override
        public Share share(Amount before) {
            Fraction steps = method.wholeStepsOnly
                    ? wholeSteps(before.plus(hours)).minus(wholeSteps(before))
                    : Fraction.of(hours).dividedBy(Fraction.of(method.forEvery));
            Basis basis = new Basis.HoursWorked(days, hours, before, earn, method.forEvery, method.wholeStepsOnly);
            return new Share(Fraction.of(earn).times(steps), basis);
        }

        private Fraction wholeSteps(Amount total) {
            return new Fraction(
                    Fraction.of(total).dividedBy(Fraction.of(method.forEvery)).floor(), BigInteger.ONE);
        }
    }
}
