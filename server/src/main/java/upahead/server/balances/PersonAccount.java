package upahead.server.balances;

import upahead.core.ledger.Account;
import upahead.server.people.Person;
import upahead.server.policies.PolicyDetail;

/** One person's account in one policy, with both as people know them. */
public record PersonAccount(Person person, PolicyDetail policy, Account account) {}
