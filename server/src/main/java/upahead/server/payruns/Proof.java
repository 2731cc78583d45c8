package upahead.server.payruns;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.payrun.Closing;
import upahead.core.payrun.Difference;
import upahead.core.payrun.Frozen;
import upahead.core.quantity.Amount;
import upahead.server.balances.Accounts;
import upahead.server.balances.Outlook;
import upahead.server.balances.PersonAccount;
import upahead.server.changes.Causes;
import upahead.server.changes.LateChanges;
import upahead.server.clock.MovableClock;
import upahead.server.payruns.PostedLines.AccountKey;
import upahead.server.payruns.ProofReport.GroupProof;
import upahead.server.payruns.ProofReport.ProofDifference;
import upahead.server.people.Organisation;
import upahead.server.people.PayGroup;
import upahead.server.people.People;
import upahead.server.people.PeopleQuery;
import upahead.server.people.Person;

/** Proves for everybody that what runs posted is what is derived from the facts, and names any difference. */
@Service
public class Proof {

    private static final int PEOPLE_AT_ONCE = 500;

    private final PayRunStore runs;
    private final PostedLines posted;
    private final Accounts accounts;
    private final People people;
    private final Organisation organisation;
    private final LateChanges changes;
    private final MovableClock clock;

    Proof(
            PayRunStore runs,
            PostedLines posted,
            Accounts accounts,
            People people,
            Organisation organisation,
            LateChanges changes,
            MovableClock clock) {
        this.runs = runs;
        this.posted = posted;
        this.accounts = accounts;
        this.people = people;
        this.organisation = organisation;
        this.changes = changes;
        this.clock = clock;
    }

    /** Derives everybody's balances afresh and compares them with what was posted. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public ProofReport prove() {
        return report();
    }

    ProofReport report() {
        List<GroupProof> groups = new ArrayList<>();
        List<ProofDifference> differences = new ArrayList<>();
        for (PayGroup group : organisation.payGroups()) {
            groups.add(prove(group, differences));
        }
        return new ProofReport(clock.now(), groups, differences);
    }

    private GroupProof prove(PayGroup group, List<ProofDifference> differences) {
        Optional<PayRun> newest = runs.closedBefore(group.id(), LocalDate.MAX);
        List<Person> all = people.search(PeopleQuery.ofPayGroup(group.id()));
        if (newest.isEmpty()) {
            return new GroupProof(group.name(), null, all.size(), 0, 0);
        }
        LocalDate through = newest.get().lastDay();
        Causes causes = changes.since(runs.changesSeen(newest.get().id()));
        int compared = 0;
        int before = differences.size();
        for (int from = 0; from < all.size(); from += PEOPLE_AT_ONCE) {
            List<Person> some = all.subList(from, Math.min(all.size(), from + PEOPLE_AT_ONCE));
            Map<AccountKey, List<Frozen>> frozen =
                    new HashMap<>(posted.frozen(some.stream().map(Person::id).toList()));
            for (PersonAccount account : accounts.of(some, Outlook.recorded())) {
                compared++;
                List<Frozen> own = frozen.getOrDefault(
                        new AccountKey(account.person().id(), account.policy().id()), List.of());
                difference(group, account, own, through, causes).ifPresent(differences::add);
            }
        }
        return new GroupProof(group.name(), through, all.size(), compared, compared - (differences.size() - before));
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
                causes.of(account.person().id(), account.policy().id(), about).orElse(null)));
    }
}
