package upahead.server.payruns;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.LineKind;
import upahead.core.payrun.Closing;
import upahead.core.payrun.Frozen;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.server.balances.Accounts;
import upahead.server.balances.Outlook;
import upahead.server.balances.PersonAccount;
import upahead.server.changes.Causes;
import upahead.server.changes.LateChange;
import upahead.server.changes.LateChanges;
import upahead.server.payruns.PostedLineStore.AccountKey;
import upahead.server.payruns.PostedLineStore.Posted;
import upahead.server.people.People;
import upahead.server.people.PeopleQuery;
import upahead.server.people.Person;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.words.Words;

/** The figures of a run: derived while it gathers, as frozen once it is closed. */
@Component
class WorksheetBuilder {

    private final PayRunStore runs;
    private final PostedLineStore posted;
    private final Accounts accounts;
    private final People people;
    private final LateChanges changes;
    private final PeopleInParts parts;
    private final Policies policies;

    WorksheetBuilder(
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

    /** Rows with something to say first, then by name. */
    List<WorksheetRow> rows(PayRun run) {
        List<WorksheetRow> rows = new ArrayList<>();
        each(run, rows::add);
        rows.sort(Comparator.comparing((WorksheetRow row) -> row.cautions().isEmpty())
                .thenComparing(WorksheetRow::person)
                .thenComparing(WorksheetRow::policy));
        return rows;
    }

    /** The rows one after the other, in no particular order of the people. */
    void each(PayRun run, Consumer<WorksheetRow> consumer) {
        List<Person> group = people.search(PeopleQuery.ofPayGroup(run.payGroupId(), run.lastDay()));
        parts.each(group, rowsOf(run), rows -> rows.forEach(consumer));
    }

    private Function<List<Person>, List<WorksheetRow>> rowsOf(PayRun run) {
        List<PolicyDetail> all = policies.all();
        if (run.isClosed()) {
            return some -> frozenRows(run, some, all);
        }
        Optional<PayRun> before = runs.closedBefore(run.payGroupId(), run.firstDay());
        Causes causes = changes.since(
                before.map(closed -> runs.changesSeen(closed.id())).orElse(0L));
        return some -> derivedRows(run, some, all, before.map(PayRun::lastDay), causes);
    }

    private List<WorksheetRow> frozenRows(PayRun run, List<Person> some, List<PolicyDetail> all) {
        List<Long> ids = some.stream().map(Person::id).toList();
        Map<AccountKey, List<Posted>> lines = posted.ofNewestClose(run, ids);
        Map<AccountKey, Amount> openings = posted.openings(ids, run);
        Map<Long, LateChange> causes = changes.get(lines.values().stream()
                .flatMap(List::stream)
                .map(Posted::lateChangeId)
                .filter(Objects::nonNull)
                .distinct()
                .toList());
        List<WorksheetRow> rows = new ArrayList<>();
        for (PersonAccount account : accounts.of(some, Outlook.recorded(), all)) {
            AccountKey key = key(account);
            row(
                            run,
                            account,
                            openings.getOrDefault(key, Amount.ZERO),
                            lines.getOrDefault(key, List.of()).stream()
                                    .map(line -> WorksheetLine.of(line.line(), causes.get(line.lateChangeId())))
                                    .toList())
                    .ifPresent(rows::add);
        }
        return rows;
    }

    private List<WorksheetRow> derivedRows(
            PayRun run, List<Person> some, List<PolicyDetail> all, Optional<LocalDate> closedThrough, Causes causes) {
        Map<AccountKey, List<Frozen>> frozen =
                posted.frozen(some.stream().map(Person::id).toList());
        List<WorksheetRow> rows = new ArrayList<>();
        for (PersonAccount account : accounts.of(some, Outlook.recorded(), all)) {
            List<Frozen> own = frozen.getOrDefault(key(account), List.of());
            List<WorksheetLine> lines = Closing.postings(
                            Derivation.derive(account.account(), run.lastDay()), own, closedThrough, run.period())
                    .stream()
                    .map(line -> withCause(account, line, causes))
                    .toList();
            Amount opening = Amount.sum(own.stream().map(Frozen::amount).toList());
            row(run, account, opening, lines).ifPresent(rows::add);
        }
        return rows;
    }

    private static WorksheetLine withCause(PersonAccount account, NewPosting line, Causes causes) {
        if (!line.isCorrection()) {
            return WorksheetLine.of(line, null);
        }
        List<LateChange> possible =
                causes.of(account.person().id(), account.policy().id(), line.about());
        if (possible.isEmpty()) {
            return WorksheetLine.of(line, null);
        }
        String said = possible.stream().map(LateChange::what).collect(Collectors.joining("; "));
        return WorksheetLine.of(line.because(said), possible.get(0));
    }

    private static Optional<WorksheetRow> row(
            PayRun run, PersonAccount account, Amount opening, List<WorksheetLine> lines) {
        boolean nothingToSay =
                account.policy().recordedOnly() || !account.person().isEmployedWithin(run.firstDay(), run.lastDay());
        return lines.isEmpty() && nothingToSay ? Optional.empty() : Optional.of(row(account, opening, lines, run));
    }

    private static AccountKey key(PersonAccount account) {
        return new AccountKey(account.person().id(), account.policy().id());
    }

    private static WorksheetRow row(PersonAccount account, Amount opening, List<WorksheetLine> lines, PayRun run) {
        Amount earned = total(lines, LineKind.EARNED);
        Amount taken = total(lines, LineKind.TAKEN);
        Amount all = Amount.sum(lines.stream().map(WorksheetLine::amount).toList());
        Amount withheld = Amount.sum(lines.stream()
                .filter(line -> !line.isCorrection())
                .map(WorksheetLine::withheld)
                .toList());
        Amount closing = opening.plus(all);
        return new WorksheetRow(
                account.person().id(),
                account.person().code(),
                account.person().name(),
                account.person().team(),
                account.policy().id(),
                account.policy().name(),
                account.policy().unit(),
                account.policy().recordedOnly(),
                opening,
                earned,
                taken.negated(),
                all.minus(earned).minus(taken),
                withheld,
                closing,
                cautions(account, lines, withheld, closing, run),
                lines);
    }

    private static Amount total(List<WorksheetLine> lines, LineKind kind) {
        return Amount.sum(lines.stream()
                .filter(line -> line.kind() == kind && !line.isCorrection())
                .map(WorksheetLine::amount)
                .toList());
    }

    private static List<String> cautions(
            PersonAccount account, List<WorksheetLine> lines, Amount withheld, Amount closing, PayRun run) {
        List<String> cautions = new ArrayList<>();
        if (closing.isNegative() && !account.policy().recordedOnly()) {
            cautions.add("Below zero");
        }
        if (withheld.isPositive()) {
            cautions.add(
                    "At a limit: " + Words.amount(withheld, account.policy().unit()) + " withheld");
        }
        if (lines.stream().anyMatch(WorksheetLine::isCorrection)) {
            cautions.add("Corrects earlier runs");
        }
        if (lines.stream()
                .anyMatch(line -> line.kind() == LineKind.LAPSED && !line.on().isBefore(run.firstDay()))) {
            cautions.add("Time lapsed");
        }
        return cautions;
    }
}
