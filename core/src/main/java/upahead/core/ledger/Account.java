package upahead.core.ledger;

import java.time.LocalDate;
import java.util.Objects;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.PayCalendar;
import upahead.core.facts.Adjustment;
import upahead.core.facts.Facts;
import upahead.core.people.Employment;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Policy;

/**
 * One person's part in one policy: everything a balance is derived from.
 *
 * @param employment of the person
 * @param enrolment of the person in the policy
 * @param policy the rules
 * @param payCalendar of the person's pay group
 * @param holidays of the person's site
 * @param facts what happened
 */
public record Account(
        Employment employment,
        Enrolment enrolment,
        Policy policy,
        PayCalendar payCalendar,
        HolidayCalendar holidays,
        Facts facts) {
    public Account {
        Objects.requireNonNull(employment, "employment");
        Objects.requireNonNull(enrolment, "enrolment");
        Objects.requireNonNull(policy, "policy");
        Objects.requireNonNull(payCalendar, "payCalendar");
        Objects.requireNonNull(holidays, "holidays");
        Objects.requireNonNull(facts, "facts");
    }

    /** The first day of the ledger: of the newest opening, else of what happened first to the employee. */
    LocalDate ledgerBegins() {
        var openings = facts.openings();
        if (!openings.isEmpty()) {
            return openings.get(openings.size() - 1).on();
        }
        LocalDate hired = employment.hired();
        return facts.adjustments().stream()
                .map(Adjustment::on)
                .findFirst()
                .map(first -> DateSpan.earlier(first, hired))
                .orElse(hired);
    }

    /** The same under other rules, as for a draft. */
    public Account withPolicy(Policy other) {
        return new Account(employment, enrolment, other, payCalendar, holidays, facts);
    }

    /** The same with other facts, as for a request or a forecast. */
    public Account withFacts(Facts other) {
        return new Account(employment, enrolment, policy, payCalendar, holidays, other);
    }
}
