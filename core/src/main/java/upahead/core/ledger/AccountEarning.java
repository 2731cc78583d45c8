package upahead.core.ledger;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PayCalendar;
import upahead.core.earning.EarningContext;
import upahead.core.earning.PerHoursWorked;
import upahead.core.hours.WorkingDays;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

/** An account as an earning method sees it, on days on which one version is in force. */
final class AccountEarning implements EarningContext {

    private final Account account;
    private final Terms terms;
    private final DateSpan days;
    private final LocalDate ledgerBegins;
    private final LocalDate earningBegins;
    private final LocalDate earningEnds;

    AccountEarning(Account account, Terms terms, DateSpan days, LocalDate ledgerBegins) {
        this.account = account;
        this.terms = terms;
        this.days = days;
        this.ledgerBegins = ledgerBegins;
        this.earningBegins =
                DateSpan.later(account.enrolment().from(), terms.waitToEarn().endsAfter(hired()));
        LocalDate leaves = account.employment().leaves().orElse(LocalDate.MAX);
        this.earningEnds = account.enrolment()
                .ends()
                .map(end -> DateSpan.earlier(end.on(), leaves))
                .orElse(leaves);
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
    public Amount figureOn(LocalDate day, Amount basic) {
        return terms.tenure().isEmpty()
                ? basic
                : terms.figureAfter(account.employment().completedYears(day), basic);
    }

    @Override
    public Amount fteOn(LocalDate day) {
        return terms.scaleByFte() ? account.employment().fteOn(day) : Amount.ONE;
    }

    @Override
    public Fraction averageFte(List<DateSpan> stretches) {
        return terms.scaleByFte() ? account.employment().averageFte(stretches) : Fraction.ONE;
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
