package upahead.server.policies;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.lang.Nullable;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.NoEarning;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Scaling;
import upahead.core.earning.Upfront;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limits;
import upahead.core.policy.TenureBand;
import upahead.core.policy.Terms;
import upahead.core.policy.Usability;
import upahead.core.policy.Wait;
import upahead.core.policy.YearEnd;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.server.hours.HoursKinds;
import upahead.server.problems.Refusal;

/**
 * The terms of a policy version as they are edited and stored. What is null is left out.
 *
 * @param carry the most that is carried over at a year's end; null carries all
 * @param scaleByDaysOfWeek the days of a full week, to which the days of the weekly schedule are put in proportion
 */
public record TermsDocument(
        @NotNull Earning earning,
        @Nullable List<Band> tenure,
        boolean scaleByFte,
        @Nullable Time waitToEarn,
        @Nullable Time waitToUse,
        @Nullable Amount balanceLimit,
        @Nullable Amount earnedPerYearLimit,
        @Nullable Amount usedPerYearLimit,
        @Nullable Amount overdraw,
        @Nullable Amount carry,
        @Nullable CarriedUsable carriedUsable,
        @Nullable Leftover excess,
        @Nullable Time creditsUsable,
        @Nullable Leftover onLeaving,
        @Nullable RoundingRule rounding,
        @Nullable Integer scaleByDaysOfWeek) {

    /** The earning methods by name. */
    public enum Method {
        UPFRONT,
        PER_PERIOD,
        PER_HOURS_WORKED,
        NONE
    }

    /**
     * How time is earned: of the figures, those of the method count.
     *
     * @param counts the kinds of hours that count; null for regular hours and overtime
     * @param hoursPost when hours post; null for the end of the pay period
     */
    public record Earning(
            @NotNull Method method,
            @Nullable Amount amount,
            @Nullable Upfront.FirstYear firstYear,
            @Nullable PerPeriod.Every every,
            boolean perYear,
            @Nullable PerPeriod.Posts posts,
            @Nullable PerPeriod.Months months,
            @Nullable PerPeriod.Partial partial,
            @Nullable Amount forEvery,
            boolean wholeStepsOnly,
            boolean paidLeaveCounts,
            boolean paidHolidaysCount,
            @Nullable List<String> counts,
            @Nullable PerHoursWorked.Posts hoursPost) {

        public static Earning none() {
            return new Earning(
                    Method.NONE, null, null, null, false, null, null, null, null, false, false, false, null, null);
        }

        public static Earning upfront(String amount, Upfront.FirstYear firstYear) {
            return new Earning(
                    Method.UPFRONT,
                    Amount.of(amount),
                    firstYear,
                    null,
                    false,
                    null,
                    null,
                    null,
                    null,
                    false,
                    false,
                    false,
                    null,
                    null);
        }

        /** An amount a year, divided over its periods. */
        public static Earning perYear(
                String amount, PerPeriod.Every every, PerPeriod.Posts posts, PerPeriod.Months months) {
            return new Earning(
                    Method.PER_PERIOD,
                    Amount.of(amount),
                    null,
                    every,
                    true,
                    posts,
                    months,
                    PerPeriod.Partial.BY_DAYS,
                    null,
                    false,
                    false,
                    false,
                    null,
                    null);
        }

        public static Earning perHours(String earn, String forEvery) {
            return new Earning(
                    Method.PER_HOURS_WORKED,
                    Amount.of(earn),
                    null,
                    null,
                    false,
                    null,
                    null,
                    null,
                    Amount.of(forEvery),
                    false,
                    false,
                    false,
                    null,
                    null);
        }

        /** Earned by the hour, with what counts as hours worked. */
        public Earning counting(List<String> kinds, boolean wholeSteps, boolean paidLeave, boolean paidHolidays) {
            return new Earning(
                    method,
                    amount,
                    firstYear,
                    every,
                    perYear,
                    posts,
                    months,
                    partial,
                    forEvery,
                    wholeSteps,
                    paidLeave,
                    paidHolidays,
                    kinds,
                    hoursPost);
        }
    }

    /** A tenure band. */
    public record Band(int fromYears, @NotNull Amount amount) {}

    /** A number of days or months. */
    public record Time(int count, @NotNull Wait.In in) {}

    /** Until when carried time can be used: for some time, or until a month and day such as {@code 03-31}. */
    public record CarriedUsable(@Nullable Time time, @Nullable String until) {}

    /** Rounding of the year's running total. */
    public record RoundingRule(@NotNull Amount step, @NotNull Rounding.Mode mode) {}

    /** Where a figure is typed, for a message beside it. */
    private static final String AMOUNT = "terms.earning.amount";

    /**
     * The rules themselves.
     *
     * @throws Refusal if a figure is missing or cannot be, naming its field
     */
    public Terms toTerms() {
        return new Terms(
                checked(AMOUNT, this::method),
                tenure == null
                        ? List.of()
                        : checked("terms.tenure", () -> tenure.stream()
                                .map(band -> new TenureBand(band.fromYears(), band.amount()))
                                .toList()),
                scaling(),
                wait("terms.waitToEarn", waitToEarn),
                wait("terms.waitToUse", waitToUse),
                new Limits(
                        limit("terms.balanceLimit", balanceLimit),
                        limit("terms.earnedPerYearLimit", earnedPerYearLimit),
                        limit("terms.usedPerYearLimit", usedPerYearLimit),
                        limit("terms.overdraw", overdraw).orElse(Amount.ZERO)),
                new YearEnd(
                        limit("terms.carry", carry),
                        Optional.ofNullable(carriedUsable)
                                .map(rule -> checked("terms.carriedUsable", () -> usability(rule))),
                        excess == null ? Leftover.LAPSE : excess),
                Optional.ofNullable(creditsUsable)
                        .map(time -> checked("terms.creditsUsable", () -> new Usability.For(time.count(), time.in()))),
                onLeaving == null ? Leftover.LAPSE : onLeaving,
                rounding == null
                        ? Rounding.STANDARD
                        : checked("terms.rounding", () -> new Rounding(rounding.step(), rounding.mode())));
    }

    private Scaling scaling() {
        if (scaleByDaysOfWeek == null) {
            return scaleByFte ? Scaling.BY_FTE : Scaling.NONE;
        }
        if (scaleByFte) {
            throw Refusal.of(
                    "terms.scaleByDaysOfWeek",
                    "Part-timers earn either in proportion to their full-time equivalent or by days of the week.");
        }
        return checked("terms.scaleByDaysOfWeek", () -> new Scaling.ByDaysOfWeek(scaleByDaysOfWeek));
    }

    private EarningMethod method() {
        if (earning.method() == Method.NONE) {
            return new NoEarning();
        }
        Amount figure = required(AMOUNT, earning.amount());
        return switch (earning.method()) {
            case UPFRONT -> new Upfront(figure, or(earning.firstYear(), Upfront.FirstYear.FULL));
            case PER_PERIOD ->
                new PerPeriod(
                        or(earning.every(), PerPeriod.Every.PAY_PERIOD),
                        new PerPeriod.Rate(figure, earning.perYear()),
                        or(earning.posts(), PerPeriod.Posts.END),
                        or(earning.months(), PerPeriod.Months.CALENDAR),
                        or(earning.partial(), PerPeriod.Partial.BY_DAYS));
            default ->
                checked(
                        "terms.earning.forEvery",
                        () -> new PerHoursWorked(
                                figure,
                                required("terms.earning.forEvery", earning.forEvery()),
                                earning.wholeStepsOnly(),
                                kinds(),
                                earning.paidLeaveCounts(),
                                earning.paidHolidaysCount(),
                                or(earning.hoursPost(), PerHoursWorked.Posts.PAY_PERIOD_END)));
        };
    }

    private Set<String> kinds() {
        if (earning.counts() == null) {
            return PerHoursWorked.STANDARD_KINDS;
        }
        if (earning.counts().isEmpty() || !HoursKinds.ALL.containsAll(earning.counts())) {
            throw Refusal.of(
                    "terms.earning.counts",
                    "Please name at least one kind of hours that counts, of: " + String.join(", ", HoursKinds.ALL)
                            + ".");
        }
        return Set.copyOf(earning.counts());
    }

    private static Usability usability(CarriedUsable rule) {
        if (rule.time() != null) {
            return new Usability.For(rule.time().count(), rule.time().in());
        }
        return new Usability.Until(
                MonthDays.read("terms.carriedUsable", required("terms.carriedUsable", rule.until())));
    }

    private static Wait wait(String field, Time time) {
        return time == null ? Wait.NONE : checked(field, () -> new Wait(time.count(), time.in()));
    }

    private static Optional<Amount> limit(String field, Amount limit) {
        if (limit != null && limit.isNegative()) {
            throw Refusal.of(field, "A limit must be at least 0.");
        }
        return Optional.ofNullable(limit);
    }

    private static <T> T required(String field, T value) {
        if (value == null) {
            throw Refusal.of(field, "A figure is missing here.");
        }
        return value;
    }

    private static <T> T or(T value, T otherwise) {
        return value == null ? otherwise : value;
    }

    private static <T> T checked(String field, Supplier<T> value) {
        try {
            return value.get();
        } catch (IllegalArgumentException refused) {
            throw Refusal.of(field, "Please check this: " + refused.getMessage() + ".");
        }
    }
}
