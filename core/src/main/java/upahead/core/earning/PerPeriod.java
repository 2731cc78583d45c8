package upahead.core.earning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Unit;

/**
 * A share each pay period, month or day.
 *
 * @param every how often a share is due
 * @param amount of a period, or of a year, in the policy's unit, not below zero
 * @param per what the amount is for
 * @param posts whether a share posts at its period's start or end; days always post on the day
 * @param months where months begin, of no effect for pay periods and days
 * @param partial what a period brings that the employee covers only in part
 */
public record PerPeriod(Every every, Amount amount, Per per, Posts posts, Months months, Partial partial)
        implements EarningMethod {

    /** How often a share is due. */
    public enum Every {
        PAY_PERIOD("pay period"),
        MONTH("month"),
        DAY("day");

        private final String words;

        Every(String words) {
            this.words = words;
        }
    }

    /** What an amount is for. */
    public enum Per {
        PERIOD,
        /** It is divided over the periods of the benefit year. */
        YEAR
    }

    /** When in its period a share posts. */
    public enum Posts {
        START,
        END
    }

    /** Where months begin. */
    public enum Months {
        CALENDAR("with the calendar"),
        FROM_HIRE("on the day of the hire date");

        private final String words;

        Months(String words) {
            this.words = words;
        }
    }

    /** What a period brings that the employee covers only in part. */
    public enum Partial {
        FULL("its whole share"),
        NONE("nothing"),
        BY_DAYS("its part by days");

        private final String words;

        Partial(String words) {
            this.words = words;
        }
    }

    /**
     * @throws IllegalArgumentException if the amount is below zero
     */
    public PerPeriod {
        Objects.requireNonNull(every, "every");
        Objects.requireNonNull(per, "per");
        Objects.requireNonNull(posts, "posts");
        Objects.requireNonNull(months, "months");
        Objects.requireNonNull(partial, "partial");
        Figures.requireNotNegative(amount, per == Per.YEAR ? "the amount a year" : "the amount a period");
    }

    @Override
    public Rhythm rhythm() {
        return every == Every.DAY ? Rhythm.of(PerPeriod.class, every) : Rhythm.of(PerPeriod.class, every, posts);
    }

    @Override
    public Rhythm periods() {
        return every == Every.MONTH ? rhythm().and(months) : rhythm();
    }

    @Override
    public EarningMethod withAmount(Amount other) {
        return new PerPeriod(every, other, per, posts, months, partial);
    }

    @Override
    public boolean isScaled() {
        return true;
    }

    @Override
    public Optional<Amount> mostInAYear(Amount of) {
        if (per == Per.YEAR) {
            return Optional.of(of);
        }
        return every == Every.MONTH ? Optional.of(of.times(Amount.of(PeriodsOfYear.MONTHS))) : Optional.empty();
    }

    @Override
    public String inWords(Unit unit) {
        return unit.counted(amount) + (per == Per.YEAR ? " a year, a share each " : " each ") + every.words;
    }

    @Override
    public List<String> particulars() {
        return every == Every.DAY
                ? List.of()
                : List.of("It is posted " + postedInWords()
                        + (every == Every.MONTH ? ", months beginning " + months.words : "")
                        + "; one that is covered only in part brings " + partial.words + ".");
    }

    @Override
    public List<RuleInWords> choices() {
        List<RuleInWords> choices = new ArrayList<>();
        choices.add(new RuleInWords("Posted", postedInWords()));
        if (every == Every.MONTH) {
            choices.add(new RuleInWords("Months begin", months.words));
        }
        if (every != Every.DAY) {
            choices.add(new RuleInWords("Periods begun or left", "bring " + partial.words));
        }
        return choices;
    }

    private String postedInWords() {
        if (every == Every.DAY) {
            return "each day";
        }
        return (posts == Posts.START ? "at the start of each " : "at the end of each ") + every.words;
    }

    @Override
    public List<Posting> postings(EarningContext context) {
        Optional<DateSpan> earning = DateSpan.between(context.earningBegins(), context.earningEnds())
                .flatMap(span -> span.intersection(context.days()));
        if (earning.isEmpty()) {
            return List.of();
        }
        List<Posting> postings = new ArrayList<>();
        PeriodsOfYear periods = new PeriodsOfYear(every, posts, context);
        DateSpan span = earning.get();
        if (every == Every.MONTH && months == Months.FROM_HIRE) {
            for (DateSpan month : PeriodsOfYear.monthsFromHire(context.hired(), span)) {
                posting(context, month, periods).ifPresent(postings::add);
            }
            return postings;
        }
        DateSpan period = periods.containing(span.first());
        while (!period.first().isAfter(span.last())) {
            posting(context, period, periods).ifPresent(postings::add);
            period = periods.after(period);
        }
        return postings;
    }

    private Optional<Posting> posting(EarningContext context, DateSpan period, PeriodsOfYear periods) {
        boolean atStart = posts == Posts.START && every != Every.DAY;
        DateSpan same = context.samePeriods();
        LocalDate on = atStart
                ? DateSpan.later(DateSpan.later(period.first(), same.first()), context.earningBegins())
                : DateSpan.earlier(DateSpan.earlier(period.last(), same.last()), context.earningEnds());
        if (!context.days().contains(on) || on.isBefore(context.earningBegins()) || on.isAfter(context.earningEnds())) {
            return Optional.empty();
        }
        Optional<DateSpan> days = due(context, period, atStart);
        if (days.isEmpty()) {
            return Optional.empty();
        }
        List<DateSpan> covered = covered(context, days.get());
        Portion portion = portion(context, period, days.get(), covered);
        if (covered.isEmpty() || portion.part() == 0) {
            return Optional.empty();
        }
        int shares = per == Per.YEAR ? periods.in(context.benefitYearOf(on)) : 1;
        Amount due = context.amountOn(on, amount);
        Scale scale = context.averageScale(covered);
        Fraction exact = Fraction.of(due)
                .times(Fraction.of(1, shares))
                .times(scale.factor())
                .times(portion.asFraction());
        Basis basis = new PeriodShare(period, due, shares, scale, portion);
        return Optional.of(new PeriodPosting(on, atStart, period, new Share(exact, basis)));
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

    /** The stretches of some days on which the employee earns by time. */
    private static List<DateSpan> covered(EarningContext context, DateSpan period) {
        LocalDate first = DateSpan.later(period.first(), context.earningBegins());
        LocalDate last = DateSpan.earlier(period.last(), context.earningEnds());
        return last.isBefore(first) ? List.of() : context.withoutPauses(new DateSpan(first, last));
    }
}
