package upahead.server.payruns;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.payrun.Closing;
import upahead.core.payrun.Difference;
import upahead.core.payrun.Frozen;
import upahead.core.quantity.Amount;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PeopleInParts;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.payruns.PostedLineStore.AccountKey;
import upahead.server.payruns.ProofReport.GroupProof;
import upahead.server.payruns.ProofReport.ProofDifference;
import upahead.server.periods.Causes;
import upahead.server.periods.LateChanges;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Proves for everybody that what runs posted is what is derived from the facts, and names any difference. */
@Service
public class Proof {

    private final PayRunStore runs;
    private final PostedLineStore posted;
    private final Accounts accounts;
    private final People people;
    private final Organisation organisation;
    private final LateChanges changes;
    private final PeopleInParts parts;
    private final Policies policies;
    private final MovableClock clock;
    private final WhatMustBeThere mustBeThere;

    Proof(
            PayRunStore runs,
            PostedLineStore posted,
            Accounts accounts,
            People people,
            Organisation organisation,
            LateChanges changes,
            PeopleInParts parts,
            Policies policies,
            MovableClock clock,
            WhatMustBeThere mustBeThere) {
        this.runs = runs;
        this.posted = posted;
        this.accounts = accounts;
        this.people = people;
        this.organisation = organisation;
        this.changes = changes;
        this.parts = parts;
        this.policies = policies;
        this.clock = clock;
        this.mustBeThere = mustBeThere;
    }

    /** Derives everybody's balances afresh and compares them with what was posted. */
    @May(Permission.RUN_PAYROLL)
    public ProofReport prove() {
        return report();
    }

    ProofReport report() {
        List<GroupProof> groups = new ArrayList<>();
        List<ProofDifference> differences = new ArrayList<>();
        for (PayGroup group : organisation.payGroups()) {
            groups.add(prove(group, differences));
        }
        differences.sort(Comparator.comparing(ProofDifference::person).thenComparing(ProofDifference::policy));
        return new ProofReport(clock.now(), mustBeThere.missing(), groups, differences);
    }

    private GroupProof prove(PayGroup group, List<ProofDifference> differences) {
        Optional<PayRun> newest = runs.closedBefore(group.id(), LocalDate.MAX);
        List<Person> all = people.search(
                PeopleQuery.ofPayGroup(group.id(), newest.map(PayRun::lastDay).orElse(null)));
        if (newest.isEmpty()) {
            return new GroupProof(group.name(), null, all.size(), 0, 0);
        }
        LocalDate through = newest.get().lastDay();
        Causes causes = changes.since(runs.changesSeen(newest.get().id()));
        Map<Long, LocalDate> leavers = runs.ofLeavers(group.id()).stream()
                .filter(run -> run.isClosed() && run.lastDay().isAfter(through))
                .collect(Collectors.toMap(PayRun::offCycleOf, PayRun::lastDay));
        int[] compared = {0};
        int before = differences.size();
        List<PolicyDetail> rules = policies.all();
        parts.each(all, some -> compare(group, some, rules, through, leavers, causes), part -> {
            compared[0] += part.accounts();
            differences.addAll(part.differences());
        });
        return new GroupProof(
                group.name(), through, all.size(), compared[0], compared[0] - (differences.size() - before));
    }

    private record Part(int accounts, List<ProofDifference> differences) {}

    private Part compare(
            PayGroup group,
            List<Person> some,
            List<PolicyDetail> rules,
            LocalDate through,
            Map<Long, LocalDate> leavers,
            Causes causes) {
        Map<AccountKey, List<Frozen>> frozen =
                posted.frozen(some.stream().map(Person::id).toList());
        List<PersonAccount> compared = accounts.of(some, Outlook.recorded(), rules);
        List<ProofDifference> differences = new ArrayList<>();
        for (PersonAccount account : compared) {
            AccountKey key =
                    new AccountKey(account.person().id(), account.policy().id());
            LocalDate posted = leavers.getOrDefault(key.personId(), through);
            difference(group, account, frozen.getOrDefault(key, List.of()), posted, causes)
                    .ifPresent(differences::add);
        }
        return new Part(compared.size(), differences);
    }

    private static Optional<ProofDifference> difference(
            PayGroup group, PersonAccount account, List<Frozen> own, LocalDate through, Causes causes) {
        Ledger derived = Derivation.derive(account.account(), through);
        List<Difference> found = Closing.differences(derived, own, through);
        if (found.isEmpty()) {
            return Optional.empty();
        }
        LocalDate about = found.get(0).about();
        return Optional.of(new ProofDifference(
                group.name(),
                account.person().id(),
                account.person().name(),
                account.policy().id(),
                account.policy().name(),
                account.policy().unit(),
                Amount.sum(own.stream().map(Frozen::amount).toList()),
                derived.balance(through),
                about,
                causes.of(account.person().id(), account.policy().id(), about)));
    }
}
