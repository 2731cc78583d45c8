package upahead.core.ledger;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import upahead.core.calendar.DateSpan;
import upahead.core.hours.WorkingDays;
import upahead.core.leave.Taken;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * Finds single events that would explain the difference between a balance and another record of it: one posting, one
 * leave, one holiday, a limit, a lapse, an adjustment, or rounding.
 */
public final class Explanations {

    /** Looked at before and after the day of the record. */
    private static final int DAYS_BEFORE = 400;

    private static final int DAYS_AFTER = 92;
    /** Leave goes on over a weekend and a holiday. */
    private static final int LONGEST_GAP = 4;

    private static final Amount ROUNDED_AWAY = Amount.of("0.01");
    /** A difference up to which rounding is likelier than any event. */
    private static final Amount SMALL = Amount.of("0.1");

    private final Account account;
    private final Ledger recorded;
    private final Ledger forecast;
    private final LocalDate asOf;
    private final Amount theirs;
    private final Amount difference;
    private final List<Explanation> found = new ArrayList<>();

    private Explanations(Account account, Ledger recorded, Ledger forecast, LocalDate asOf, Amount theirs) {
        this.account = account;
        this.recorded = recorded;
        this.forecast = forecast;
        this.asOf = asOf;
        this.theirs = theirs;
        this.difference = theirs.minus(recorded.balance(asOf));
    }

    /** How far ahead the forecast has to go for what the other record may have already. */
    public static LocalDate forecastThrough(LocalDate asOf) {
        return asOf.plusDays(DAYS_AFTER);
    }

    /**
     * The explanations, the nearest to the day first; none where there is no difference or no single event explains it.
     *
     * @param recorded the ledger as of the day
     * @param forecast the ledger of the same account through {@link #forecastThrough}
     * @param theirs what the other record says on that day
     */
    public static List<Explanation> of(
            Account account, Ledger recorded, Ledger forecast, LocalDate asOf, Amount theirs) {
        Explanations all = new Explanations(account, recorded, forecast, asOf, theirs);
        if (all.difference.isZero()) {
            return List.of();
        }
        all.rounding();
        all.postings();
        all.leave();
        all.holidays();
        boolean isSmall = !all.difference.abs().isMoreThan(SMALL);
        all.found.sort(Comparator.comparing((Explanation each) -> (each.kind() == Explanation.Kind.ROUNDED) != isSmall)
                .thenComparing(each -> Math.abs(ChronoUnit.DAYS.between(asOf, each.on())))
                .thenComparing(Explanation::kind));
        return List.copyOf(all.found);
    }

    private void rounding() {
        BigDecimal ours = recorded.balance(asOf).value();
        boolean isRounded = Stream.of(RoundingMode.HALF_UP, RoundingMode.DOWN, RoundingMode.UP)
                .anyMatch(mode -> ours.setScale(theirDecimals(), mode).compareTo(theirs.value()) == 0);
        if (isRounded || !difference.abs().isMoreThan(ROUNDED_AWAY)) {
            found.add(new Explanation(Explanation.Kind.ROUNDED, asOf, difference.abs()));
        }
    }

    private int theirDecimals() {
        return Math.max(0, theirs.value().stripTrailingZeros().scale());
    }

    /** Whether the balance with an effect is theirs, but for the decimals that they do not keep; whole figures keep all. */
    private boolean isRounded(Amount effect) {
        BigDecimal expected = recorded.balance(asOf).plus(effect).value();
        return theirDecimals() > 0
                && Stream.of(RoundingMode.HALF_UP, RoundingMode.DOWN)
                        .anyMatch(
                                mode -> expected.setScale(theirDecimals(), mode).compareTo(theirs.value()) == 0);
    }

    private void postings() {
        Amount withheld = Amount.ZERO;
        for (LedgerLine line : recorded.linesWithin(before())) {
            switch (line.kind()) {
                case EARNED ->
                    explains(
                            Explanation.Kind.EARNING_IS_MISSING,
                            line,
                            line.amount().negated());
                case ADJUSTED ->
                    explains(
                            Explanation.Kind.ADJUSTMENT_IS_MISSING,
                            line,
                            line.amount().negated());
                case LAPSED, PAID_OUT ->
                    explains(
                            Explanation.Kind.NOTHING_LAPSED, line, line.amount().negated());
                case OPENING, TAKEN -> {
                    // an opening is the other record's own; leave is looked at together
                }
            }
            if (line.withheld().isPositive()) {
                withheld = withheld.plus(line.withheld());
                explains(Explanation.Kind.NOTHING_WAS_WITHHELD, line, line.withheld());
                if (!withheld.equals(line.withheld())) {
                    explains(Explanation.Kind.NOTHING_WAS_WITHHELD, line, withheld);
                }
            }
        }
        for (LedgerLine line : forecast.linesWithin(after())) {
            if (line.kind() == LineKind.EARNED) {
                explains(Explanation.Kind.EARNING_IS_THERE_ALREADY, line, line.amount());
            }
        }
    }

    private DateSpan before() {
        return new DateSpan(asOf.minusDays(DAYS_BEFORE), asOf);
    }

    private DateSpan after() {
        return new DateSpan(asOf.plusDays(1), forecastThrough(asOf));
    }

    private void explains(Explanation.Kind kind, LedgerLine line, Amount effect) {
        explains(kind, line.on(), effect);
    }

    private void explains(Explanation.Kind kind, LocalDate on, Amount effect) {
        if (!effect.isZero() && (difference.equals(effect) || isRounded(effect))) {
            found.add(new Explanation(kind, on, effect.abs()));
        }
    }

    private void leave() {
        List<Taken> days = account.facts().taken().stream()
                .filter(day -> before().contains(day.on()) || after().contains(day.on()))
                .toList();
        for (int first = 0; first < days.size(); first++) {
            Amount together = Amount.ZERO;
            for (int at = first; at < days.size(); at++) {
                boolean goesOn = at == first
                        || !days.get(at).on().isAfter(days.get(at - 1).on().plusDays(LONGEST_GAP));
                boolean sameSide =
                        days.get(at).on().isAfter(asOf) == days.get(first).on().isAfter(asOf);
                if (!goesOn || !sameSide) {
                    break;
                }
                together = together.plus(days.get(at).amount());
                if (days.get(first).on().isAfter(asOf)) {
                    explains(
                            Explanation.Kind.BOOKED_LEAVE_IS_THERE_ALREADY,
                            days.get(first).on(),
                            together.negated());
                } else {
                    explains(Explanation.Kind.LEAVE_IS_MISSING, days.get(first).on(), together);
                    explains(
                            Explanation.Kind.LEAVE_IS_THERE_TWICE,
                            days.get(first).on(),
                            together.negated());
                }
            }
        }
    }

    /** Holidays that would have been worked, next to leave. */
    private void holidays() {
        WorkingDays working = new WorkingDays(account.employment(), account.holidays());
        Set<LocalDate> leave = new TreeSet<>();
        account.facts().taken().forEach(day -> leave.add(day.on()));
        for (LocalDate holiday : account.holidays().datesWithin(before())) {
            Amount hours = working.holidayHours(holiday);
            boolean besideLeave =
                    leave.stream().anyMatch(day -> Math.abs(ChronoUnit.DAYS.between(day, holiday)) <= LONGEST_GAP);
            if (hours.isPositive() && besideLeave) {
                Amount charged = account.policy().unit() == Unit.DAYS ? Amount.ONE : hours;
                explains(Explanation.Kind.HOLIDAY_IS_CHARGED, holiday, charged.negated());
            }
        }
    }
}
