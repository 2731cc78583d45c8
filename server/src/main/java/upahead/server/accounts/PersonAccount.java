package upahead.server.accounts;

import java.time.LocalDate;
import upahead.core.hours.WorkLog;
import upahead.core.ledger.Account;
import upahead.server.employment.Person;
import upahead.server.policies.PolicyDetail;

/**
 * A person's account in a policy.
 *
 * @param account with its facts as the outlook has them, forecast or recorded
 * @param recorded the recorded hours alone
 * @param today up to which figures go by recorded hours alone
 */
public record PersonAccount(Person person, PolicyDetail policy, Account account, WorkLog recorded, LocalDate today) {

    /** The account from which figures of a day are derived: by recorded hours up to today, a forecast later. */
    public Account on(LocalDate day) {
        return day.isAfter(today) || account.facts().work() == recorded
                ? account
                : account.withFacts(account.facts().withWork(recorded));
    }

    PersonAccount withAccount(Account other) {
        return new PersonAccount(person, policy, other, recorded, today);
    }
}
