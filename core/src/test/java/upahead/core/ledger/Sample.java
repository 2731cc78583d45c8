package upahead.core.ledger;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import upahead.core.calendar.BenefitYear;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.Timeline;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.NoEarning;
import upahead.core.earning.Scaling;
import upahead.core.earning.Upfront;
import upahead.core.facts.Adjustment;
import upahead.core.facts.Facts;
import upahead.core.facts.OpeningBalance;
import upahead.core.hours.Work;
import upahead.core.hours.WorkLog;
import upahead.core.leave.Taken;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.policy.EndBalance;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.policy.Policy;
import upahead.core.policy.TenureBand;
import upahead.core.policy.Terms;
import upahead.core.policy.Usability;
import upahead.core.policy.Wait;
import upahead.core.policy.YearEnd;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.core.quantity.Unit;

/** Builds accounts for tests: five days of 8 hours, hired on 4 January 2027, unless said otherwise. */
public final class Sample {

    private static final LocalDate HIRED = LocalDate.of(2027, 1, 4);
    private static final LocalDate ALWAYS = LocalDate.of(2000, 1, 1);

    private LocalDate hired = HIRED;
    private Optional<LocalDate> lastDay = Optional.empty();
    private Timeline<Amount> fte = Timeline.empty();
    private final List<DateSpan> pauses = new ArrayList<>();
    private Enrolment enrolment = Enrolment.from(HIRED);
    private final Map<LocalDate, EarningMethod> methods = new TreeMap<>();
    private final List<TenureBand> tenure = new ArrayList<>();
    private Scaling scaling = Scaling.NONE;
    private Wait waitToEarn = Wait.NONE;
    private Wait waitToUse = Wait.NONE;
    private Limits limits = Limits.NONE;
    private YearEnd yearEnd = YearEnd.CARRY_ALL;
    private Optional<Usability.For> creditsUsable = Optional.empty();
    private Rounding rounding = Rounding.STANDARD;
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
        methods.put(ALWAYS, method);
    }

    public static Sample grant(String amount) {
        return new Sample(new Upfront(Amount.of(amount), Upfront.FirstYear.FULL));
    }

    public static Sample monthly(String amount) {
        return new Sample(SampleMethods.perMonth(amount));
    }

    public static Sample perHours(String earn, String forEvery) {
        return new Sample(SampleMethods.perHours(earn, forEvery));
    }

    public static Sample awardsOnly() {
        return new Sample(new NoEarning());
    }

    /** Hired on another day, on the same schedule. */
    public Sample hired(String date) {
        hired = LocalDate.parse(date);
        enrolment = Enrolment.from(hired);
        return this;
    }

    public Sample paused(String from, String to) {
        pauses.add(new DateSpan(LocalDate.parse(from), LocalDate.parse(to)));
        return this;
    }

    public Sample fte(String from, String value) {
        fte = fte.with(LocalDate.parse(from), Amount.of(value));
        scaling = Scaling.BY_FTE;
        return this;
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
        tenure.add(new TenureBand(fromYears, Amount.of(amount)));
        return this;
    }

    public Sample waitToEarn(int months) {
        waitToEarn = new Wait(months, Wait.In.MONTHS);
        return this;
    }

    public Sample paidLeave(String date, String hours) {
        paidLeave.add(new Work(LocalDate.parse(date), "leave", Amount.of(hours)));
        return this;
    }

    public Sample leaving(String lastDay) {
        this.lastDay = Optional.of(LocalDate.parse(lastDay));
        return this;
    }

    public Sample enrolledUntil(String lastDay, EndBalance balance) {
        enrolment = new Enrolment(HIRED, Optional.of(new Enrolment.End(LocalDate.parse(lastDay), balance)));
        return this;
    }

    public Sample holiday(String date) {
        holidays = HolidayCalendar.on(List.of(LocalDate.parse(date)));
        return this;
    }

    public Sample waitToUse(int days) {
        waitToUse = new Wait(days, Wait.In.DAYS);
        return this;
    }

    public Sample limit(Limit limit, String figure) {
        limits = limits.with(limit, Amount.of(figure));
        return this;
    }

    public Sample carry(String most, Leftover excess) {
        yearEnd = new YearEnd(Optional.ofNullable(most).map(Amount::of), yearEnd.carriedUsable(), excess);
        return this;
    }

    public Sample carriedUntil(String monthAndDay) {
        Usability until = new Usability.Until(MonthDay.parse("--" + monthAndDay));
        yearEnd = new YearEnd(yearEnd.carry(), Optional.of(until), yearEnd.excess());
        return this;
    }

    public Sample creditsUsableFor(int days) {
        creditsUsable = Optional.of(new Usability.For(days, Wait.In.DAYS));
        return this;
    }

    public Sample rounded(String step, Rounding.Mode mode) {
        rounding = new Rounding(Amount.of(step), mode);
        return this;
    }

    /** Another version from a date on, with the same terms otherwise. */
    public Sample version(String from, EarningMethod other) {
        methods.put(LocalDate.parse(from), other);
        return this;
    }

    /** Nothing is in force before a date. */
    public Sample onlyFrom(String from) {
        methods.put(LocalDate.parse(from), methods.remove(ALWAYS));
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
        Timeline<Terms> versions = Timeline.empty();
        for (Map.Entry<LocalDate, EarningMethod> version : methods.entrySet()) {
            versions = versions.with(version.getKey(), terms(version.getValue()));
        }
        Policy policy = new Policy(Unit.HOURS, benefitYear, versions);
        WeeklySchedule week = WeeklySchedule.mondayToFriday(Amount.of(8));
        return new Account(
                new Employment(hired, lastDay, hired, fte, Timeline.from(hired, week), pauses),
                enrolment,
                policy,
                payCalendar,
                holidays,
                new Facts(new WorkLog(work), new WorkLog(paidLeave), WorkLog.EMPTY, taken, adjustments, openings));
    }

    private Terms terms(EarningMethod method) {
        return new Terms(
                method,
                tenure,
                scaling,
                waitToEarn,
                waitToUse,
                limits,
                yearEnd,
                creditsUsable,
                Leftover.LAPSE,
                rounding);
    }
}
