package upahead.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import upahead.core.calendar.BenefitYear;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.Timeline;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.NoEarning;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Upfront;
import upahead.core.facts.Adjustment;
import upahead.core.facts.Facts;
import upahead.core.facts.OpeningBalance;
import upahead.core.hours.Work;
import upahead.core.hours.WorkLog;
import upahead.core.leave.Taken;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limits;
import upahead.core.policy.Policy;
import upahead.core.policy.TenureBand;
import upahead.core.policy.Terms;
import upahead.core.policy.Usability;
import upahead.core.policy.Wait;
import upahead.core.policy.YearEnd;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/** Builds accounts for tests: five days of 8 hours, hired on 4 January 2027, unless said otherwise. */
public final class Sample {

    private static final LocalDate HIRED = LocalDate.of(2027, 1, 4);

    private Employment employment = Employment.simple(HIRED, WeeklySchedule.mondayToFriday(Amount.of(8)));
    private Enrolment enrolment = Enrolment.from(HIRED);
    private Timeline<Terms> versions = Timeline.empty();
    private HolidayCalendar holidays = HolidayCalendar.NONE;
    private final List<Work> work = new ArrayList<>();
    private final List<Taken> taken = new ArrayList<>();
    private final List<Adjustment> adjustments = new ArrayList<>();
    private final List<OpeningBalance> openings = new ArrayList<>();

    private BenefitYear benefitYear = BenefitYear.calendarYear();
    private PayCalendar payCalendar = PayCalendar.standard(HIRED);
    private final List<Work> paidLeave = new ArrayList<>();

    public static Sample of(EarningMethod method) {
        return new Sample(method);
    }

    private Sample(EarningMethod method) {
        versions = Timeline.from(LocalDate.of(2000, 1, 1), Terms.earning(method));
    }

    public static Sample grant(String amount) {
        return new Sample(new Upfront(Amount.of(amount), Upfront.FirstYear.FULL));
    }

    public static Sample monthly(String amount) {
        return new Sample(perMonth(amount));
    }

    public static Sample perHours(String earn, String forEvery) {
        return new Sample(new PerHoursWorked(
                Amount.of(earn),
                Amount.of(forEvery),
                false,
                PerHoursWorked.STANDARD_KINDS,
                false,
                false,
                PerHoursWorked.Posts.PAY_PERIOD_END));
    }

    public static Sample awardsOnly() {
        return new Sample(new NoEarning());
    }

    static PerPeriod perMonth(String amount) {
        return new PerPeriod(
                PerPeriod.Every.MONTH,
                new PerPeriod.Rate(Amount.of(amount), false),
                PerPeriod.Posts.END,
                PerPeriod.Months.CALENDAR,
                PerPeriod.Partial.BY_DAYS);
    }

    /** Hired on another day, on the same schedule. */
    public Sample hired(String date) {
        LocalDate day = LocalDate.parse(date);
        employment = Employment.simple(day, WeeklySchedule.mondayToFriday(Amount.of(8)));
        enrolment = Enrolment.from(day);
        return this;
    }

    public Sample paused(String from, String to) {
        employment = new Employment(
                employment.hired(),
                employment.leaves(),
                employment.serviceFrom(),
                employment.fte(),
                employment.schedule(),
                List.of(new DateSpan(LocalDate.parse(from), LocalDate.parse(to))));
        return this;
    }

    public Sample fte(String from, String value) {
        employment = new Employment(
                employment.hired(),
                employment.leaves(),
                employment.serviceFrom(),
                employment.fte().with(LocalDate.parse(from), Amount.of(value)),
                employment.schedule(),
                employment.pauses());
        return scaled();
    }

    public Sample benefitYear(BenefitYear other) {
        benefitYear = other;
        return this;
    }

    public Sample paid(PayCalendar.Every every) {
        payCalendar = new PayCalendar(every, HIRED);
        return this;
    }

    public Sample tenure(int fromYears, String amount) {
        return terms(terms -> new Terms(
                terms.earning(),
                List.of(new TenureBand(fromYears, Amount.of(amount))),
                terms.scaleByFte(),
                terms.waitToEarn(),
                terms.waitToUse(),
                terms.limits(),
                terms.yearEnd(),
                terms.creditsUsable(),
                terms.onLeaving(),
                terms.rounding()));
    }

    public Sample waitToEarn(int months) {
        return terms(terms -> new Terms(
                terms.earning(),
                terms.tenure(),
                terms.scaleByFte(),
                new Wait(months, Wait.In.MONTHS),
                terms.waitToUse(),
                terms.limits(),
                terms.yearEnd(),
                terms.creditsUsable(),
                terms.onLeaving(),
                terms.rounding()));
    }

    private Sample scaled() {
        return terms(terms -> new Terms(
                terms.earning(),
                terms.tenure(),
                true,
                terms.waitToEarn(),
                terms.waitToUse(),
                terms.limits(),
                terms.yearEnd(),
                terms.creditsUsable(),
                terms.onLeaving(),
                terms.rounding()));
    }

    public Sample paidLeave(String date, String hours) {
        paidLeave.add(new Work(LocalDate.parse(date), "leave", Amount.of(hours)));
        return this;
    }

    public Sample leaving(String lastDay) {
        employment = new Employment(
                employment.hired(),
                Optional.of(LocalDate.parse(lastDay)),
                employment.serviceFrom(),
                employment.fte(),
                employment.schedule(),
                employment.pauses());
        return this;
    }

    public Sample enrolledUntil(String lastDay, Leftover leftover) {
        enrolment = new Enrolment(HIRED, Optional.of(new Enrolment.End(LocalDate.parse(lastDay), leftover)));
        return this;
    }

    public Sample holiday(String date) {
        holidays = HolidayCalendar.on(List.of(LocalDate.parse(date)));
        return this;
    }

    public Sample waitToUse(int days) {
        return terms(terms ->
                with(terms, new Wait(days, Wait.In.DAYS), terms.limits(), terms.yearEnd(), terms.creditsUsable()));
    }

    public Sample limits(String balance, String earnedPerYear, String usedPerYear, String overdraw) {
        Limits limits =
                new Limits(optional(balance), optional(earnedPerYear), optional(usedPerYear), Amount.of(overdraw));
        return terms(terms -> with(terms, terms.waitToUse(), limits, terms.yearEnd(), terms.creditsUsable()));
    }

    public Sample carry(String most, Leftover excess) {
        YearEnd yearEnd = new YearEnd(optional(most), Optional.empty(), excess);
        return terms(terms -> with(terms, terms.waitToUse(), terms.limits(), yearEnd, terms.creditsUsable()));
    }

    public Sample creditsUsableFor(int days) {
        return terms(terms -> with(
                terms,
                terms.waitToUse(),
                terms.limits(),
                terms.yearEnd(),
                Optional.of(new Usability.For(days, Wait.In.DAYS))));
    }

    public Sample version(String from, EarningMethod method) {
        versions = versions.with(LocalDate.parse(from), Terms.earning(method));
        return this;
    }

    public Sample onlyFrom(String from) {
        Terms terms = versions.on(HIRED).orElseThrow();
        versions = Timeline.from(LocalDate.parse(from), terms);
        return this;
    }

    public Sample works(String date, String hours) {
        work.add(new Work(LocalDate.parse(date), Work.REGULAR, Amount.of(hours)));
        return this;
    }

    public Sample takes(String date, String amount) {
        taken.add(new Taken(LocalDate.parse(date), Amount.of(amount)));
        return this;
    }

    public Sample adjusted(String date, String amount) {
        adjustments.add(new Adjustment(LocalDate.parse(date), Amount.of(amount), "test"));
        return this;
    }

    public Sample opens(String date, String balance) {
        openings.add(OpeningBalance.of(LocalDate.parse(date), Amount.of(balance), Amount.ZERO, Amount.ZERO));
        return this;
    }

    public Account account() {
        return new Account(
                employment,
                enrolment,
                new Policy(Unit.HOURS, benefitYear, versions),
                payCalendar,
                holidays,
                new Facts(new WorkLog(work), new WorkLog(paidLeave), taken, adjustments, openings));
    }

    private Sample terms(UnaryOperator<Terms> change) {
        versions = Timeline.from(
                LocalDate.of(2000, 1, 1), change.apply(versions.on(HIRED).orElseThrow()));
        return this;
    }

    private static Terms with(
            Terms terms, Wait waitToUse, Limits limits, YearEnd yearEnd, Optional<Usability.For> creditsUsable) {
        return new Terms(
                terms.earning(),
                terms.tenure(),
                terms.scaleByFte(),
                terms.waitToEarn(),
                waitToUse,
                limits,
                yearEnd,
                creditsUsable,
                terms.onLeaving(),
                terms.rounding());
    }

    private static Optional<Amount> optional(String amount) {
        return Optional.ofNullable(amount).map(Amount::of);
    }
}
