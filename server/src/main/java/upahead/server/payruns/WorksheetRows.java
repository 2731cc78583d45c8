package upahead.server.payruns;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import upahead.core.ledger.LineKind;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.server.accounts.PersonAccount;
import upahead.server.platform.words.Words;

/** The postings of a run for the eye: a row for each account that has something to say. */
@Component
class WorksheetRows {

    private final RunPostings postings;

    WorksheetRows(RunPostings postings) {
        this.postings = postings;
    }

    /** Rows with something to look at first, then by name. */
    List<WorksheetRow> of(PayRun run) {
        List<WorksheetRow> rows = new ArrayList<>();
        postings.each(run, account -> {
            if (isShown(account, run)) {
                rows.add(row(account, run));
            }
        });
        rows.sort(Comparator.comparing((WorksheetRow row) -> row.cautions().isEmpty())
                .thenComparing(WorksheetRow::person)
                .thenComparing(WorksheetRow::policy));
        return rows;
    }

    private static boolean isShown(AccountPostings postings, PayRun run) {
        PersonAccount account = postings.account();
        return !postings.lines().isEmpty()
                || (!account.policy().recordedOnly()
                        && account.person().isEmployedWithin(run.firstDay(), run.lastDay()));
    }

    private static WorksheetRow row(AccountPostings postings, PayRun run) {
        PersonAccount account = postings.account();
        List<NewPosting> lines =
                postings.lines().stream().map(CausedPosting::line).toList();
        Amount closing = postings.opening()
                .plus(Amount.sum(lines.stream().map(NewPosting::amount).toList()));
        Amount withheld = Amount.sum(lines.stream()
                .filter(line -> !line.isCorrection())
                .map(NewPosting::withheld)
                .toList());
        return new WorksheetRow(
                account.person().id(),
                account.person().code(),
                account.person().name(),
                account.person().team(),
                account.policy().id(),
                account.policy().name(),
                account.policy().unit(),
                account.policy().recordedOnly(),
                postings.opening(),
                total(lines, LineKind.EARNED),
                total(lines, LineKind.TAKEN).negated(),
                total(lines, LineKind.ADJUSTED, LineKind.OPENING),
                total(lines, LineKind.LAPSED).negated(),
                total(lines, LineKind.PAID_OUT).negated(),
                Amount.sum(lines.stream()
                        .filter(NewPosting::isCorrection)
                        .map(NewPosting::amount)
                        .toList()),
                closing,
                withheld,
                cautions(account, lines, withheld, closing, run),
                postings.lines().stream().map(WorksheetLine::of).toList());
    }

    /** The lines of the period itself; corrections have a column of their own. */
    private static Amount total(List<NewPosting> lines, LineKind... kinds) {
        return Amount.sum(lines.stream()
                .filter(line -> Set.of(kinds).contains(line.kind()) && !line.isCorrection())
                .map(NewPosting::amount)
                .toList());
    }

    private static List<String> cautions(
            PersonAccount account, List<NewPosting> lines, Amount withheld, Amount closing, PayRun run) {
        List<String> cautions = new ArrayList<>();
        if (closing.isNegative() && !account.policy().recordedOnly()) {
            cautions.add("Below zero");
        }
        if (withheld.isPositive()) {
            cautions.add(
                    "At a limit: " + Words.amount(withheld, account.policy().unit()) + " withheld");
        }
        if (lines.stream().anyMatch(NewPosting::isCorrection)) {
            cautions.add("Corrects earlier runs");
        }
        if (lines.stream()
                .anyMatch(line -> line.kind() == LineKind.LAPSED && !line.on().isBefore(run.firstDay()))) {
            cautions.add("Time lapsed");
        }
        return cautions;
    }
}
