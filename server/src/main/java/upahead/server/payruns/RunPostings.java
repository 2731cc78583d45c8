package upahead.server.payruns;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.LineKind;
import upahead.core.payrun.Closing;
import upahead.core.payrun.Frozen;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PeopleInParts;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.Person;
import upahead.server.facts.hours.HoursTotal;
import upahead.server.facts.hours.RecordedHours;
import upahead.server.payruns.PostedLineStore.AccountKey;
import upahead.server.payruns.PostedLineStore.Posted;
import upahead.server.periods.Causes;
import upahead.server.periods.LateChange;
import upahead.server.periods.LateChanges;
import upahead.server.platform.files.Progress;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** What a run posts: derived while it gathers, as frozen once it is closed. */
@Component
class RunPostings {

    /** With how many runs before it a run is compared. */
    static final int RUNS_BEFORE = 3;

    private final PayRunStore runs;
    private final PostedLineStore posted;
    private final Accounts accounts;
    private final PeopleOfRun people;
    private final LateChanges changes;
    private final PeopleInParts parts;
    private final Policies policies;
    private final HandOverLines handOver;
    private final HandedOverStore handedOver;
    private final RecordedHours hours;
    private final Progress progress;

    RunPostings(
            PayRunStore runs,
            PostedLineStore posted,
            Accounts accounts,
            PeopleOfRun people,
            LateChanges changes,
            PeopleInParts parts,
            Policies policies,
            HandOverLines handOver,
            HandedOverStore handedOver,
            RecordedHours hours,
            Progress progress) {
        this.runs = runs;
        this.posted = posted;
        this.accounts = accounts;
        this.people = people;
        this.changes = changes;
        this.parts = parts;
        this.policies = policies;
        this.handOver = handOver;
        this.handedOver = handedOver;
        this.hours = hours;
        this.progress = progress;
    }

    /**
     * Works through everybody paid in the group of a run, beside each other, in no particular order of the people.
     *
     * @param work what is made of each person; only reads
     * @param results takes what came out for each person, on the calling thread
     */
    <T> void each(PayRun run, Function<PersonPostings, T> work, Consumer<T> results) {
        List<Person> group = people.of(run);
        Function<List<Person>, List<PersonPostings>> read = of(run);
        int[] done = new int[1];
        parts.each(group, some -> read.apply(some).stream().map(work).toList(), part -> {
            part.forEach(results);
            done[0] += part.size();
            progress.tell("Working through the people", done[0], group.size());
        });
    }

    private Function<List<Person>, List<PersonPostings>> of(PayRun run) {
        List<PolicyDetail> all = policies.all();
        if (run.isClosed()) {
            return some -> frozen(run, some, all);
        }
        List<PayRun> before = runs.closedBefore(run.payGroupId(), run.firstDay(), RUNS_BEFORE);
        Causes causes = changes.since(
                before.isEmpty() ? 0L : runs.changesSeen(before.get(0).id()));
        return some -> derived(run, some, all, before, causes);
    }

    private List<PersonPostings> frozen(PayRun run, List<Person> some, List<PolicyDetail> all) {
        List<Long> ids = some.stream().map(Person::id).toList();
        Map<AccountKey, List<Posted>> lines = posted.ofNewestClose(run, ids);
        Map<AccountKey, Amount> openings = posted.openings(ids, run);
        Map<Long, LateChange> causes = changes.get(lines.values().stream()
                .flatMap(List::stream)
                .map(Posted::lateChangeId)
                .filter(Objects::nonNull)
                .distinct()
                .toList());
        Map<Long, List<AccountPostings>> found = new HashMap<>();
        for (PersonAccount account : accounts.of(some, Outlook.recorded(), all)) {
            AccountKey key = AccountPostings.key(account);
            add(
                    found,
                    new AccountPostings(
                            account,
                            openings.getOrDefault(key, Amount.ZERO),
                            lines.getOrDefault(key, List.of()).stream()
                                    .map(line -> new CausedPosting(line.line(), causes.get(line.lateChangeId())))
                                    .toList(),
                            null,
                            List.of()));
        }
        return together(some, found, handedOver.workedIn(run, ids), Map.of());
    }

    private List<PersonPostings> derived(
            PayRun run, List<Person> some, List<PolicyDetail> all, List<PayRun> before, Causes causes) {
        List<Long> ids = some.stream().map(Person::id).toList();
        Optional<LocalDate> closedThrough = before.stream().findFirst().map(PayRun::lastDay);
        Map<AccountKey, List<Frozen>> frozen = posted.frozen(ids);
        Map<Long, List<AccountPostings>> found = new HashMap<>();
        for (PersonAccount account : accounts.of(some, Outlook.recorded(), all)) {
            List<Frozen> own = frozen.getOrDefault(AccountPostings.key(account), List.of());
            Ledger ledger = Derivation.derive(account.account(), run.lastDay());
            List<CausedPosting> lines = Closing.postings(ledger, own, closedThrough, run.period()).stream()
                    .map(line -> withCause(account, line, causes))
                    .toList();
            Amount opening = Amount.sum(own.stream().map(Frozen::amount).toList());
            List<Amount> earned =
                    before.stream().map(closed -> earned(own, closed)).toList();
            add(found, new AccountPostings(account, opening, lines, ledger, earned));
        }
        Map<Long, List<HandedOver>> worked = notYetHandedOver(run, some, ids);
        return together(some, found, worked, workedBefore(ids, before));
    }

    /** Hours worked and holidays paid but for what went to payroll with the runs of leavers in the same period. */
    private Map<Long, List<HandedOver>> notYetHandedOver(PayRun run, List<Person> some, List<Long> ids) {
        Map<HandedOver.Key, HandedOver> sums = new LinkedHashMap<>();
        handOver.worked(some, run.period()).forEach(line -> sums.merge(line.key(), line, HandedOver::plus));
        if (!run.isOffCycle()) {
            handedOver
                    .workedByLeavers(run, ids)
                    .forEach(line -> sums.merge(
                            line.key(), line.withAmount(line.amount().negated(), line.sort()), HandedOver::plus));
        }
        return sums.values().stream()
                .filter(line -> !line.amount().isZero())
                .collect(Collectors.groupingBy(HandedOver::personId));
    }

    private static void add(Map<Long, List<AccountPostings>> found, AccountPostings account) {
        found.computeIfAbsent(account.account().person().id(), unused -> new ArrayList<>())
                .add(account);
    }

    /** What was earned about the period of a closed run, corrections of it included. */
    private static Amount earned(List<Frozen> own, PayRun closed) {
        return Amount.sum(own.stream()
                .filter(line ->
                        line.kind() == LineKind.EARNED && closed.period().contains(line.about()))
                .map(Frozen::amount)
                .toList());
    }

    private Map<Long, List<Amount>> workedBefore(List<Long> ids, List<PayRun> before) {
        Map<Long, List<Amount>> worked = new HashMap<>();
        for (PayRun closed : before) {
            Map<Long, Amount> sums = hours.totals(ids, closed.period()).stream()
                    .collect(Collectors.toMap(HoursTotal::personId, HoursTotal::hours, Amount::plus));
            ids.forEach(id ->
                    worked.computeIfAbsent(id, unused -> new ArrayList<>()).add(sums.getOrDefault(id, Amount.ZERO)));
        }
        return worked;
    }

    private static List<PersonPostings> together(
            List<Person> some,
            Map<Long, List<AccountPostings>> accounts,
            Map<Long, List<HandedOver>> worked,
            Map<Long, List<Amount>> workedBefore) {
        return some.stream()
                .map(person -> new PersonPostings(
                        person,
                        accounts.getOrDefault(person.id(), List.of()),
                        worked.getOrDefault(person.id(), List.of()),
                        workedBefore.getOrDefault(person.id(), List.of())))
                .toList();
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
