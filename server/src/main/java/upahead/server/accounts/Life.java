package upahead.server.accounts;

import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.PayCalendar;
import upahead.core.facts.Facts;
import upahead.core.hours.WorkingDays;
import upahead.core.ledger.Account;
import upahead.core.people.Employment;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Policy;

/**
 * What of somebody's life at work matters to each of their accounts.
 *
 * @param open the days not closed yet up to the last one looked at; empty where nothing is looked ahead at
 */
record Life(Employment employment, PayCalendar payCalendar, HolidayCalendar holidays, Optional<DateSpan> open) {

    Account account(Enrolment enrolment, Policy policy, Facts facts) {
        return new Account(employment, enrolment, policy, payCalendar, holidays, facts);
    }

    WorkingDays workingDays() {
        return new WorkingDays(employment, holidays);
    }
}
