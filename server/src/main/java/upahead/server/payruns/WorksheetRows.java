package upahead.server.payruns;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import upahead.server.accounts.PersonAccount;

/** The postings of a run for the eye: a row for each account that has something to say. */
final class WorksheetRows {

    /** Rows with something to look at first, then by name. */
    static final Comparator<WorksheetRow> UNUSUAL_FIRST = Comparator.comparing(
                    (WorksheetRow row) -> row.cautions().isEmpty())
            .thenComparing(row -> row.accepted().isEmpty())
            .thenComparing(WorksheetRow::person)
            .thenComparing(WorksheetRow::policy);

    private WorksheetRows() {}

    /**
     * The rows of one person. What is unusual about the hours stands on the first of them.
     *
     * @param cautions of that person
     */
    static List<WorksheetRow> of(PersonPostings person, List<Caution> cautions, PayRun run) {
        List<WorksheetRow> rows = new ArrayList<>();
        for (AccountPostings account : person.accounts()) {
            if (isShown(account, run)) {
                boolean first = rows.isEmpty();
                long policyId = account.account().policy().id();
                List<Caution> own = cautions.stream()
                        .filter(caution -> caution.policyId() == null ? first : caution.policyId() == policyId)
                        .toList();
                rows.add(row(account, own, hours(person)));
            }
        }
        return rows;
    }

    private static boolean isShown(AccountPostings postings, PayRun run) {
        PersonAccount account = postings.account();
        return !postings.lines().isEmpty()
                || (!account.policy().recordedOnly()
                        && account.person().isEmployedWithin(run.firstDay(), run.lastDay()));
    }

    /** "72.5 regular, 3 overtime" */
    private static String hours(PersonPostings person) {
        return person.worked().stream()
                .map(line -> line.amount() + " " + line.what().replaceAll(" hours$", ""))
                .collect(Collectors.joining(", "));
    }

    private static WorksheetRow row(AccountPostings postings, List<Caution> cautions, String hours) {
        PersonAccount account = postings.account();
        RunTotals totals = RunTotals.of(postings);
        return new WorksheetRow(
                account.person().id(),
                account.person().code(),
                account.person().name(),
                account.person().team(),
                account.policy().id(),
                account.policy().name(),
                account.policy().unit(),
                account.policy().recordedOnly(),
                totals.opening(),
                totals.earned(),
                totals.used(),
                totals.adjusted(),
                totals.lapsed(),
                totals.paidOut(),
                totals.corrections(),
                totals.closing(),
                totals.withheld(),
                words(cautions, Caution::isOpen),
                words(cautions, caution -> !caution.isOpen()),
                hours,
                postings.lines().stream().map(WorksheetLine::of).toList());
    }

    private static List<String> words(List<Caution> cautions, Predicate<Caution> which) {
        return cautions.stream().filter(which).map(Caution::words).toList();
    }
}
