package upahead.server.payruns;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import upahead.server.payruns.PayRunStore.AccountKey;
import upahead.server.payruns.PayRunStore.Posted;
import upahead.server.people.People;
import upahead.server.people.PeopleQuery;
import upahead.server.people.Person;
import upahead.server.words.Words;

/** The figures of a run: derived while it gathers, as frozen once it is closed. */
@Component
class WorksheetBuilder {

    private final PayRunStore store;
    private final Accounts accounts;
    private final People people;

    WorksheetBuilder(PayRunStore store, Accounts accounts, People people) {
        this.store = store;
        this.accounts = accounts;
        this.people = people;
    }

    /** Rows with something to say first, then by name. */
    List<WorksheetRow> rows(PayRun run) {
        List<Person> group = people.search(PeopleQuery.ofPayGroup(run.payGroupId()));
        Map<AccountKey, List<Posted>> posted =
                store.posted(group.stream().map(Person::id).toList());
        Optional<LocalDate> closedThrough = closedThrough(run);
        List<WorksheetRow> rows = new ArrayList<>();
        for (PersonAccount account : accounts.of(group, Outlook.recorded())) {
            List<Posted> own = posted.getOrDefault(key(account), List.of());
            List<NewPosting> lines = run.state() == RunState.CLOSED
                    ? own.stream()
                            .filter(line -> line.runId() == run.id())
                            .map(Posted::line)
                            .toList()
                    : Closing.postings(
                            Derivation.derive(account.account(), run.lastDay()),
                            own.stream().map(WorksheetBuilder::frozen).toList(),
                            closedThrough,
                            run.period());
            Amount opening = Amount.sum(own.stream()
                    .filter(line -> line.line().on().isBefore(run.firstDay()) && line.runId() != run.id())
                    .map(line -> line.line().amount())
                    .toList());
            if (!lines.isEmpty() || account.person().isEmployedWithin(run.firstDay(), run.lastDay())) {
                rows.add(row(account, opening, lines, run));
            }
        }
        rows.sort(Comparator.comparing((WorksheetRow row) -> row.cautions().isEmpty())
                .thenComparing(WorksheetRow::person)
                .thenComparing(WorksheetRow::policy));
        return rows;
    }

    /** The last day of the newest closed run before a run. */
    Optional<LocalDate> closedThrough(PayRun run) {
        return store.ofGroup(run.payGroupId()).stream()
                .filter(other ->
                        other.state() == RunState.CLOSED && other.lastDay().isBefore(run.firstDay()))
                .map(PayRun::lastDay)
                .max(LocalDate::compareTo);
    }

    private static AccountKey key(PersonAccount account) {
        return new AccountKey(account.person().id(), account.policy().id());
    }

    private static Frozen frozen(Posted posted) {
        return new Frozen(
                posted.line().about(), posted.line().kind(), posted.line().amount());
    }

    private static WorksheetRow row(PersonAccount account, Amount opening, List<NewPosting> lines, PayRun run) {
        Amount earned = total(lines, LineKind.EARNED);
        Amount taken = total(lines, LineKind.TAKEN);
        Amount all = Amount.sum(lines.stream().map(NewPosting::amount).toList());
        Amount withheld = Amount.sum(lines.stream().map(NewPosting::withheld).toList());
        Amount closing = opening.plus(all);
        return new WorksheetRow(
                account.person().id(),
                account.person().name(),
                account.person().team(),
                account.policy().id(),
                account.policy().name(),
                account.policy().unit(),
                opening,
                earned,
                taken.negated(),
                all.minus(earned).minus(taken),
                withheld,
                closing,
                cautions(account, lines, withheld, closing, run),
                lines);
    }

    private static Amount total(List<NewPosting> lines, LineKind kind) {
        return Amount.sum(lines.stream()
                .filter(line -> line.kind() == kind && !line.correction())
                .map(NewPosting::amount)
                .toList());
    }

    private static List<String> cautions(
            PersonAccount account, List<NewPosting> lines, Amount withheld, Amount closing, PayRun run) {
        List<String> cautions = new ArrayList<>();
        if (closing.isNegative()) {
            cautions.add("Below zero");
        }
        if (withheld.isPositive()) {
            cautions.add(
                    "At a limit: " + Words.amount(withheld, account.policy().unit()) + " withheld");
        }
        if (lines.stream().anyMatch(NewPosting::correction)) {
            cautions.add("Corrects earlier runs");
        }
        if (lines.stream()
                .anyMatch(line -> line.kind() == LineKind.LAPSED && !line.on().isBefore(run.firstDay()))) {
            cautions.add("Time lapsed");
        }
        return cautions;
    }
}
