package upahead.core.earning;

import java.math.BigInteger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PlainDates;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Unit;

/**
 * An amount for every so many hours worked.
 *
 * @param amount not below zero, in the policy's unit
 * @param forEvery hours, above zero
 * @param wholeStepsOnly whether left-over hours wait until a step is whole
 * @param counts the kinds of hours that count
 * @param paidLeaveCounts whether paid leave, of whatever policy, counts as hours worked
 * @param paidHolidaysCount whether the scheduled hours of holidays count
 * @param posts whether it posts each day, or at the end of the pay period and, so that hours count in the year in
 *     which they are worked, on the last day of a benefit year and of employment
 */
public record PerHoursWorked(
        Amount amount,
        Amount forEvery,
        boolean wholeStepsOnly,
        Set<String> counts,
        boolean paidLeaveCounts,
        boolean paidHolidaysCount,
        Posts posts)
        implements EarningMethod {

    /** When the hours post. */
    public enum Posts {
        PAY_PERIOD_END("at the end of the pay period"),
        DAY("each day");

        private final String words;

        Posts(String words) {
            this.words = words;
        }
    }

    private static final Amount HUNDRED = Amount.of(100);
    /** Regular hours first, as they are named everywhere. */
    private static final Comparator<String> KINDS = Comparator.<String, Boolean>comparing(
                    kind -> !"regular".equals(kind))
            .thenComparing(kind -> kind);

    /** The kinds of hours that count where a policy does not say. */
    public static final Set<String> STANDARD_KINDS = Set.of("regular", "overtime");

    /**
     * @throws IllegalArgumentException if {@code amount} is below or {@code forEvery} not above zero
     */
    public PerHoursWorked {
        Objects.requireNonNull(posts, "posts");
        Figures.requireNotNegative(amount, "the amount earned for a number of hours");
        Figures.requirePositive(forEvery, "the number of hours for which something is earned");
        counts = Set.copyOf(counts);
    }

    @Override
    public Rhythm rhythm() {
        return Rhythm.of(PerHoursWorked.class, posts);
    }

    @Override
    public Optional<Amount> wholeStep() {
        return wholeStepsOnly ? Optional.of(forEvery) : Optional.empty();
    }

    @Override
    public String inWords(Unit unit) {
        boolean percent = unit == Unit.HOURS && !wholeStepsOnly && forEvery.equals(HUNDRED);
        return percent
                ? amount + " % of the hours worked"
                : unit.counted(amount) + " for every " + forEvery + " hours worked";
    }

    @Override
    public List<String> particulars() {
        return List.of("Hours that count: "
                + String.join(", ", counts.stream().sorted(KINDS).toList())
                + (paidLeaveCounts ? ", paid leave" : "")
                + (paidHolidaysCount ? ", paid holidays" : "")
                + "; posted " + posts.words
                + (wholeStepsOnly ? "; only whole steps." : "."));
    }

    @Override
    public List<RuleInWords> choices() {
        return List.of(
                new RuleInWords("Posted", posts.words),
                new RuleInWords(
                        "Kinds of hours that count",
                        String.join(", ", counts.stream().sorted(KINDS).toList())),
                new RuleInWords("Paid leave counts", paidLeaveCounts ? "yes" : "no"),
                new RuleInWords("Paid holidays count", paidHolidaysCount ? "yes" : "no"),
                new RuleInWords("Only whole steps", wholeStepsOnly ? "yes" : "no"));
    }

    @Override
    public EarningMethod withAmount(Amount other) {
        return new PerHoursWorked(other, forEvery, wholeStepsOnly, counts, paidLeaveCounts, paidHolidaysCount, posts);
    }

    @Override
    public List<Posting> postings(EarningContext context) {
        Optional<DateSpan> earning = DateSpan.between(context.earningBegins(), context.earningEnds())
                .flatMap(span -> span.intersection(context.days()));
        if (earning.isEmpty()) {
            return List.of();
        }
        List<Posting> postings = new ArrayList<>();
        LocalDate last = earning.get().last();
        DateSpan period = context.payCalendar().periodOf(earning.get().first());
        while (!period.first().isAfter(last)) {
            addWindows(context, period, postings);
            period = context.payCalendar().after(period);
        }
        return postings;
    }

    /** Windows end with the period, and inside it with a benefit year, with the earning or with each day. */
    private void addWindows(EarningContext context, DateSpan period, List<Posting> postings) {
        LocalDate last = DateSpan.earlier(period.last(), context.earningEnds());
        LocalDate first = period.first();
        while (!first.isAfter(last)) {
            LocalDate end = posts == Posts.DAY
                    ? first
                    : DateSpan.earlier(last, context.benefitYearOf(first).last());
            if (context.days().contains(end) && !end.isBefore(context.earningBegins())) {
                postings.add(new HoursPosting(this, new DateSpan(first, end), context));
            }
            first = end.plusDays(1);
        }
    }

    /**
     * Hours worked.
     *
     * @param days the days whose hours were counted
     * @param hours the counted hours in them
     * @param before all counted hours before them
     * @param amount earned for every {@code forEvery} hours, tenure minded
     * @param wholeStepsOnly whether only whole steps bring something
     */
    record HoursCounted(
            DateSpan days, Amount hours, Amount before, Amount amount, Amount forEvery, boolean wholeStepsOnly)
            implements Basis {
        @Override
        public boolean isOfHours() {
            return true;
        }

        @Override
        public String words() {
            return hours + " hours counted in " + PlainDates.span(days) + ", " + amount + " for every " + forEvery
                    + (wholeStepsOnly ? " whole hours" : "")
                    + (wholeStepsOnly && before.isPositive() ? " (" + before + " before them)" : "");
        }
    }

    private record HoursPosting(PerHoursWorked method, DateSpan days, LocalDate on, Amount due, Amount hours)
            implements Posting {

        HoursPosting(PerHoursWorked method, DateSpan days, EarningContext context) {
            this(
                    method,
                    days,
                    days.last(),
                    context.amountOn(days.last(), method.amount),
                    context.countedHours(days, method));
        }

        @Override
        public boolean atStartOfDay() {
            return false;
        }

        @Override
        public Share share(CountedHours before) {
            Fraction steps = method.wholeStepsOnly
                    ? Fraction.of(before.stepsWith(hours, method.forEvery), BigInteger.ONE)
                    : Fraction.of(hours).dividedBy(Fraction.of(method.forEvery));
            Basis basis = new HoursCounted(
                    days, hours, counted(before).total().minus(hours), due, method.forEvery, method.wholeStepsOnly);
            return new Share(Fraction.of(due).times(steps), basis);
        }

        @Override
        public CountedHours counted(CountedHours before) {
            return method.wholeStepsOnly ? before.plus(hours, method.forEvery) : before.plus(hours);
        }
    }
}
