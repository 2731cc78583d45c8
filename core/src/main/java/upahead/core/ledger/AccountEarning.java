package upahead.core.ledger;

import java.time.LocalDate;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PayCalendar;
import upahead.core.earning.EarningContext;
import upahead.core.earning.PerHoursWorked;
import upahead.core.hours.WorkingDays;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;

/** An account as an earning method sees it, on days on which one version is in force. */
record AccountEarning(Account account, Terms terms, DateSpan days, LocalDate ledgerBegins) implements EarningContext {

    @Override
    public LocalDate hired() {
        return account.employment().hired();
    }

    @Override
    public LocalDate earningBegins() {
        return DateSpan.later(account.enrolment().from(), terms.waitToEarn().endsAfter(hired()));
    }

    @Override
    public LocalDate earningEnds() {
        LocalDate leaves = account.employment().leaves().orElse(LocalDate.MAX);
        return account.enrolment()
                .ends()
                .map(Enrolment.End::on)
                .map(end -> DateSpan.earlier(end, leaves))
                .orElse(leaves);
    }

    @Override
    public boolean isPausedOn(LocalDate day) {
        return account.employment().isPausedOn(day);
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
    public Amount figureOn(LocalDate day, Amount basic) {
        return terms.figureAfter(account.employment().completedYears(day), basic);
    }

    @Override
    public Amount fteOn(LocalDate day) {
        return terms.scaleByFte() ? account.employment().fteOn(day) : Amount.ONE;
    }

    @Override
    public Amount countedHours(DateSpan span, PerHoursWorked method) {
        Optional<DateSpan> counted = DateSpan.between(DateSpan.later(earningBegins(), ledgerBegins), earningEnds())
                .flatMap(span::intersection);
        if (counted.isEmpty()) {
            return Amount.ZERO;
        }
        Amount hours = account.facts().work().hours(counted.get(), method.counts()::contains);
        if (method.paidLeaveCounts()) {
            hours = hours.plus(account.facts().paidLeave().hours(counted.get(), kind -> true));
        }
        if (method.paidHolidaysCount()) {
            WorkingDays workingDays = new WorkingDays(account.employment(), account.holidays());
            for (LocalDate holiday : account.holidays().datesWithin(counted.get())) {
                hours = hours.plus(workingDays.holidayHours(holiday));
            }
        }
        return hours;
    }
}
