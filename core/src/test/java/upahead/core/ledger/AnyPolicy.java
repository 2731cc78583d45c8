package upahead.core.ledger;

import static upahead.core.ledger.AnyAccount.amounts;
import static upahead.core.ledger.AnyAccount.days;
import static upahead.core.ledger.AnyAccount.whole;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import upahead.core.calendar.BenefitYear;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.Timeline;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.NoEarning;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Scaling;
import upahead.core.earning.Upfront;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.policy.OwnTerms;
import upahead.core.policy.Policy;
import upahead.core.policy.TenureBand;
import upahead.core.policy.Terms;
import upahead.core.policy.Usability;
import upahead.core.policy.Wait;
import upahead.core.policy.YearEnd;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.core.quantity.Unit;

/** Policies of all kinds, with versions and exceptions. */
final class AnyPolicy {

    private AnyPolicy() {}

    private record Ends(Optional<Usability.For> creditsUsable, Leftover onLeaving, Rounding rounding) {}

    /** Methods and rhythms change from the first day of a pay period on, as the calculation contract wants it. */
    static Arbitrary<Policy> policies(PayCalendar payCalendar) {
        Arbitrary<LocalDate> firstDays =
                days(900).map(day -> payCalendar.periodOf(day).first());
        return Combinators.combine(
                        Arbitraries.of(Unit.class),
                        benefitYears(),
                        Arbitraries.maps(firstDays, terms()).ofMinSize(1).ofMaxSize(3),
                        exceptions().list().ofMaxSize(2))
                .as((unit, year, versions, exceptions) -> with(exceptions, unit, year, versions));
    }

    private static Policy with(List<OwnTerms> exceptions, Unit unit, BenefitYear year, Map<LocalDate, Terms> versions) {
        Timeline<Terms> all = AnyAccount.timeline(versions);
        Policy policy = new Policy(unit, year, all);
        for (OwnTerms exception : exceptions) {
            policy = policy.with(exception);
        }
        return policy;
    }

    private static Arbitrary<BenefitYear> benefitYears() {
        return Arbitraries.of(
                BenefitYear.calendarYear(),
                new BenefitYear.StartsOn(MonthDay.of(4, 1)),
                new BenefitYear.StartsOn(MonthDay.of(2, 29)),
                new BenefitYear.HireAnniversary());
    }

    static Arbitrary<Terms> terms() {
        return Combinators.combine(methods(), tenure(), scalings(), waits(), waits(), limits(), yearEnds(), ends())
                .as((method, tenure, scaling, toEarn, toUse, limits, yearEnd, ends) -> new Terms(
                        method,
                        tenure,
                        scaling,
                        toEarn,
                        toUse,
                        limits,
                        yearEnd,
                        ends.creditsUsable(),
                        ends.onLeaving(),
                        ends.rounding()));
    }

    private static Arbitrary<EarningMethod> methods() {
        return Arbitraries.oneOf(
                Arbitraries.just(new NoEarning()),
                Combinators.combine(amounts(0, 200), Arbitraries.of(Upfront.FirstYear.class))
                        .as(Upfront::new),
                Combinators.combine(
                                Arbitraries.of(PerPeriod.Every.class),
                                amounts(0, 60),
                                Arbitraries.of(PerPeriod.Per.class),
                                Arbitraries.of(PerPeriod.Posts.class),
                                Arbitraries.of(PerPeriod.Months.class),
                                Arbitraries.of(PerPeriod.Partial.class))
                        .as(PerPeriod::new),
                Combinators.combine(
                                amounts(0, 3),
                                amounts(1, 40),
                                Arbitraries.of(true, false),
                                Arbitraries.of(true, false),
                                Arbitraries.of(true, false),
                                Arbitraries.of(PerHoursWorked.Posts.class))
                        .as((earn, forEvery, whole, leave, holidays, posts) -> new PerHoursWorked(
                                earn, forEvery, whole, PerHoursWorked.STANDARD_KINDS, leave, holidays, posts)));
    }

    private static Arbitrary<List<TenureBand>> tenure() {
        return Arbitraries.maps(whole(0, 8), amounts(0, 60)).ofMaxSize(2).map(bands -> bands.entrySet().stream()
                .map(band -> new TenureBand(band.getKey(), band.getValue()))
                .toList());
    }

    private static Arbitrary<Scaling> scalings() {
        return Arbitraries.of(Scaling.NONE, Scaling.BY_FTE, new Scaling.ByDaysOfWeek(5));
    }

    private static Arbitrary<Wait> waits() {
        return Combinators.combine(whole(0, 120), Arbitraries.of(Wait.In.class))
                .as((count, in) -> new Wait(in == Wait.In.MONTHS ? count / 30 : count, in));
    }

    private static Arbitrary<Limits> limits() {
        return Arbitraries.maps(Arbitraries.of(Limit.class), amounts(0, 120)).map(Limits::of);
    }

    private static Arbitrary<YearEnd> yearEnds() {
        Arbitrary<Usability> usable = Arbitraries.oneOf(
                usableFor().map(each -> each),
                Arbitraries.of(MonthDay.of(3, 31), MonthDay.of(2, 29), MonthDay.of(12, 31))
                        .map(Usability.Until::new));
        return Combinators.combine(amounts(0, 60).optional(0.5), usable.optional(0.4), Arbitraries.of(Leftover.class))
                .as(YearEnd::new);
    }

    private static Arbitrary<Usability.For> usableFor() {
        return whole(1, 200).map(days -> new Usability.For(days, Wait.In.DAYS));
    }

    private static Arbitrary<Ends> ends() {
        Arbitrary<Rounding> roundings = Combinators.combine(
                        Arbitraries.of("0.0001", "0.01", "0.25", "0.3").map(Amount::of),
                        Arbitraries.of(Rounding.Mode.class))
                .as(Rounding::new);
        return Combinators.combine(usableFor().optional(0.3), Arbitraries.of(Leftover.class), roundings)
                .as(Ends::new);
    }

    static Arbitrary<OwnTerms> exceptions() {
        return Combinators.combine(
                        days(0),
                        whole(0, 400).optional(0.5),
                        amounts(0, 60).optional(0.5),
                        limits(),
                        amounts(0, 30).optional(0.3),
                        waits().optional(0.3),
                        waits().optional(0.3))
                .as((from, lasts, amount, limits, carry, toEarn, toUse) ->
                        new OwnTerms(from, lasts.map(from::plusDays), amount, limits, carry, toEarn, toUse));
    }
}
