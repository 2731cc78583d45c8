package upahead.server.payruns;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.ledger.Derivation;
import upahead.core.payrun.Closing;
import upahead.core.payrun.Frozen;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.payruns.PostedLineStore.AccountKey;
import upahead.server.payruns.PostedLineStore.Posted;
import upahead.server.periods.Causes;
import upahead.server.periods.LateChange;
import upahead.server.periods.LateChanges;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** What a run posts: derived while it gathers, as frozen once it is closed. */
@Component
class RunPostings {

    private final PayRunStore runs;
    private final PostedLineStore posted;
    private final Accounts accounts;
    private final People people;
    private final LateChanges changes;
    private final PeopleInParts parts;
    private final Policies policies;

    RunPostings(
            PayRunStore runs,
            PostedLineStore posted,
            Accounts accounts,
            People people,
            LateChanges changes,
            PeopleInParts parts,
            Policies policies) {
        this.runs = runs;
        this.posted = posted;
        this.accounts = accounts;
        this.people = people;
        this.changes = changes;
        this.parts = parts;
        this.policies = policies;
    }

    /** Account by account, those without lines too, in no particular order of the people. */
    void each(PayRun run, Consumer<AccountPostings> consumer) {
        List<Person> group = people.search(PeopleQuery.ofPayGroup(run.payGroupId(), run.lastDay()));
        parts.each(group, of(run), some -> some.forEach(consumer));
    }

    private Function<List<Person>, List<AccountPostings>> of(PayRun run) {
        List<PolicyDetail> all = policies.all();
        if (run.isClosed()) {
            return some -> frozen(run, some, all);
        }
        Optional<PayRun> before = runs.closedBefore(run.payGroupId(), run.firstDay());
        Causes causes = changes.since(
                before.map(closed -> runs.changesSeen(closed.id())).orElse(0L));
        return some -> derived(run, some, all, before.map(PayRun::lastDay), causes);
    }

    private List<AccountPostings> frozen(PayRun run, List<Person> some, List<PolicyDetail> all) {
        List<Long> ids = some.stream().map(Person::id).toList();
        Map<AccountKey, List<Posted>> lines = posted.ofNewestClose(run, ids);
        Map<AccountKey, Amount> openings = posted.openings(ids, run);
        Map<Long, LateChange> causes = changes.get(lines.values().stream()
                .flatMap(List::stream)
                .map(Posted::lateChangeId)
                .filter(Objects::nonNull)
                .distinct()
                .toList());
        List<AccountPostings> found = new ArrayList<>();
        for (PersonAccount account : accounts.of(some, Outlook.recorded(), all)) {
            AccountKey key = AccountPostings.key(account);
            found.add(new AccountPostings(
                    account,
                    openings.getOrDefault(key, Amount.ZERO),
                    lines.getOrDefault(key, List.of()).stream()
                            .map(line -> new CausedPosting(line.line(), causes.get(line.lateChangeId())))
                            .toList()));
        }
        return found;
    }

    private List<AccountPostings> derived(
            PayRun run, List<Person> some, List<PolicyDetail> all, Optional<LocalDate> closedThrough, Causes causes) {
        Map<AccountKey, List<Frozen>> frozen =
                posted.frozen(some.stream().map(Person::id).toList());
        List<AccountPostings> found = new ArrayList<>();
        for (PersonAccount account : accounts.of(some, Outlook.recorded(), all)) {
            List<Frozen> own = frozen.getOrDefault(AccountPostings.key(account), List.of());
            List<CausedPosting> lines = Closing.postings(
                            Derivation.derive(account.account(), run.lastDay()), own, closedThrough, run.period())
                    .stream()
                    .map(line -> withCause(account, line, causes))
                    .toList();
            Amount opening = Amount.sum(own.stream().map(Frozen::amount).toList());
            found.add(new AccountPostings(account, opening, lines));
        }
        return found;
    }

    private static CausedPosting withCause(PersonAccount account, NewPosting line, Causes causes) {
        if (!line.isCorrection()) {
            return CausedPosting.plain(line);
        }
        List<LateChange> possible =
                causes.of(account.person().id(), account.policy().id(), line.about());
        if (possible.isEmpty()) {
            return CausedPosting.plain(line);
        }
        String said = possible.stream().map(LateChange::what).collect(Collectors.joining("; "));
        return new CausedPosting(line.because(said), possible.get(0));
    }
}
