package upahead.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import upahead.core.calendar.BenefitYear;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.Timeline;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Scaling;
import upahead.core.earning.Upfront;
import upahead.core.facts.Facts;
import upahead.core.hours.WorkLog;
import upahead.core.hours.WorkingDays;
import upahead.core.leave.Taken;
import upahead.core.ledger.Account;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.policy.Policy;
import upahead.core.policy.Terms;
import upahead.core.policy.Wait;
import upahead.core.policy.YearEnd;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.core.quantity.Unit;

/** One person's ledger under one policy, fortnight by fortnight with hours each working day and some leave. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 8, time = 1)
@Measurement(iterations = 8, time = 1)
public class DeriveBenchmark {

    private static final LocalDate HIRED = LocalDate.of(2025, 1, 6);

    /** How time is earned. */
    public enum Method {
        PER_HOURS_WORKED,
        PER_PAY_PERIOD,
        UPFRONT
    }

    @Param
    public Method method;

    @Param({"1", "2", "4"})
    public int years;

    private Account account;
    private LocalDate through;

    @Setup
    public void prepare() {
        through = HIRED.plusYears(years);
        Employment employment = Employment.simple(HIRED, WeeklySchedule.mondayToFriday(Amount.of("7.6")));
        List<Taken> leave = new ArrayList<>();
        for (LocalDate day = HIRED.plusMonths(4); day.isBefore(through); day = day.plusWeeks(5)) {
            leave.add(new Taken(day, Amount.of("3.8")));
        }
        WorkLog work = new WorkLog(new WorkingDays(employment, HolidayCalendar.NONE)
                .scheduledWork(new DateSpan(HIRED, through), Map.of()));
        account = new Account(
                employment,
                Enrolment.from(HIRED),
                new Policy(Unit.HOURS, BenefitYear.calendarYear(), Timeline.from(HIRED, terms())),
                PayCalendar.standard(HIRED),
                HolidayCalendar.NONE,
                new Facts(work, WorkLog.EMPTY, WorkLog.EMPTY, leave, List.of(), List.of()));
    }

    private Terms terms() {
        return new Terms(
                earning(),
                List.of(),
                Scaling.NONE,
                Wait.NONE,
                new Wait(75, Wait.In.DAYS),
                Limits.of(Map.of(Limit.BALANCE, Amount.of(62), Limit.EARNED_PER_YEAR, Amount.of(58))),
                new YearEnd(Optional.of(Amount.of(31)), Optional.empty(), Leftover.LAPSE),
                Optional.empty(),
                Leftover.LAPSE,
                Rounding.STANDARD);
    }

    private EarningMethod earning() {
        return switch (method) {
            case UPFRONT -> new Upfront(Amount.of(46), Upfront.FirstYear.BY_DAYS);
            case PER_PAY_PERIOD ->
                new PerPeriod(
                        PerPeriod.Every.PAY_PERIOD,
                        Amount.of(46),
                        PerPeriod.Per.YEAR,
                        PerPeriod.Posts.END,
                        PerPeriod.Months.CALENDAR,
                        PerPeriod.Partial.BY_DAYS);
            case PER_HOURS_WORKED ->
                new PerHoursWorked(
                        Amount.ONE,
                        Amount.of(35),
                        false,
                        PerHoursWorked.STANDARD_KINDS,
                        false,
                        false,
                        PerHoursWorked.Posts.PAY_PERIOD_END);
        };
    }

    @Benchmark
    public Ledger derive() {
        return Derivation.derive(account, through);
    }
}
