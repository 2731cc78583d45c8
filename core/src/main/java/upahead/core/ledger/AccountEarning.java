package upahead.core.ledger;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PayCalendar;
import upahead.core.earning.EarningContext;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.Scale;
import upahead.core.hours.WorkingDays;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;

/** An account as an earning method sees it, on days on which one version is in force. */
final class AccountEarning implements EarningContext {

    private final Account account;
    private final Terms terms;
    private final DateSpan days;
    private final LocalDate ledgerBegins;
    private final LocalDate paidThrough;
    private final DateSpan samePeriods;
    private final LocalDate earningBegins;
    private final LocalDate earningEnds;

    /**
     * @param days on which the terms are in force
     * @param ledgerBegins before which hours do not count
     * @param paidThrough the last day for which earlier versions have posted a share, {@link LocalDate#MIN} for none
     */
    AccountEarning(Account account, Terms terms, DateSpan days, LocalDate ledgerBegins, LocalDate paidThrough) {
        this.account = account;
        this.terms = terms;
        this.days = days;
        this.ledgerBegins = ledgerBegins;
        this.paidThrough = paidThrough;
        this.samePeriods = account.policy().samePeriods(days.first(), account.employment());
        this.earningBegins = begins(account, terms);
        LocalDate leaves = account.employment().leaves().orElse(LocalDate.MAX);
        this.earningEnds = account.enrolment()
                .ends()
                .map(end -> DateSpan.earlier(end.on(), leaves))
                .orElse(leaves);
    }

    /** The first day on which earning is possible under some terms: the later of the enrolment and the end of the wait. */
    static LocalDate begins(Account account, Terms terms) {
        return DateSpan.later(
                account.enrolment().from(),
                terms.waitToEarn().endsAfter(account.employment().hired()));
    }

    @Override
    public DateSpan days() {
        return days;
    }

    @Override
    public LocalDate hired() {
        return account.employment().hired();
    }

    @Override
    public LocalDate earningBegins() {
        return earningBegins;
    }

    @Override
    public LocalDate earningEnds() {
        return earningEnds;
    }

    @Override
    public List<DateSpan> withoutPauses(DateSpan days) {
        return account.employment().withoutPauses(days);
    }

    @Override
    public PayCalendar payCalendar() {
        return account.payCalendar();
    }

    @Override
    public DateSpan benefitYearOf(LocalDate day) {
        return account.policy().benefitYear().containing(day, hired());
    }

    @Override
    public Amount amountOn(LocalDate day, Amount basic) {
        return terms.tenure().isEmpty()
                ? basic
                : terms.amountAfter(account.employment().completedYears(day), basic);
    }

    @Override
    public Scale scaleOn(LocalDate day) {
        return new Scale(terms.scaling().on(account.employment(), day), terms.scaling());
    }

    @Override
    public Scale averageScale(List<DateSpan> stretches) {
        return new Scale(terms.scaling().average(account.employment(), stretches), terms.scaling());
    }

    @Override
    public DateSpan samePeriods() {
        return samePeriods;
    }

    @Override
    public LocalDate paidThrough() {
        return paidThrough;
    }

    @Override
    public Amount countedHours(DateSpan span, PerHoursWorked method) {
        Optional<DateSpan> counted = DateSpan.between(DateSpan.later(earningBegins, ledgerBegins), earningEnds)
                .flatMap(span::intersection);
        if (counted.isEmpty()) {
            return Amount.ZERO;
        }
        Amount hours = account.facts().work().hours(counted.get(), method.counts()::contains);
        if (method.paidLeaveCounts()) {
            hours = hours.plus(account.facts().paidLeave().hours(counted.get(), kind -> true));
        }
        if (method.paidHolidaysCount()) {
            hours = hours.plus(account.facts().awardedHolidays().hours(counted.get(), kind -> true));
            WorkingDays workingDays = new WorkingDays(account.employment(), account.holidays());
            for (LocalDate holiday : account.holidays().datesWithin(counted.get())) {
                hours = hours.plus(workingDays.holidayHours(holiday));
            }
        }
        return hours;
    }
}
