package upahead.server.facts.adjustments;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Table;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Reads adjustments from a file or from pasted cells. */
@Component
public class AdjustmentFile {

    /**
     * A row of a file.
     *
     * @param row nothing where it cannot be read
     * @param fault why, empty where it can be
     */
    public record FileRow(long line, String text, Optional<AdjustmentRow> row, String fault) {}

    /**
     * What stands in a file.
     *
     * @param rows none where a needed column was not found
     */
    public record AdjustmentRows(Table table, FileColumns<?> columns, List<FileRow> rows) {}

    private final People people;
    private final Policies policies;

    AdjustmentFile(People people, Policies policies) {
        this.people = people;
        this.policies = policies;
    }

    /**
     * @param policyId the policy where the file names none
     * @param on the day where the file names none
     * @param reason where the file gives none, perhaps empty
     * @throws Refusal if it cannot be read as a table
     */
    @Transactional(readOnly = true)
    @May(Permission.ADJUST_BALANCES)
    public AdjustmentRows read(
            byte[] content, FileColumns.Reading reading, Long policyId, LocalDate on, String reason) {
        Table table = Table.read(content);
        FileColumns<AdjustmentColumn> columns =
                new FileColumns<>(table, AdjustmentColumn.class, List.of(AdjustmentColumn.ON), reading);
        if (!columns.missing().isEmpty()) {
            return new AdjustmentRows(table, columns, List.of());
        }
        BalanceCells<AdjustmentColumn> cells =
                new BalanceCells<>(columns, people.search(PeopleQuery.everybody()), policies.all());
        return new AdjustmentRows(
                table,
                columns,
                table.rows().stream()
                        .map(row -> row(row, cells, policyId, on, reason))
                        .toList());
    }

    private static FileRow row(
            Table.Row row, BalanceCells<AdjustmentColumn> cells, Long policyId, LocalDate on, String usual) {
        List<String> faults = new ArrayList<>();
        Person person = cells.person(row, AdjustmentColumn.PERSON, faults);
        PolicyDetail policy = cells.policy(row, AdjustmentColumn.POLICY, policyId, faults);
        LocalDate day = cells.day(row, AdjustmentColumn.ON, on, faults);
        Amount amount = cells.figure(row, AdjustmentColumn.AMOUNT, null, policy == null ? null : policy.unit(), faults);
        String said = cells.text(row, AdjustmentColumn.REASON);
        String reason = said.isEmpty() ? usual : said;
        return faults.isEmpty()
                ? new FileRow(
                        row.line(),
                        row.text(),
                        Optional.of(new AdjustmentRow(person.id(), policy.id(), day, amount, reason)),
                        "")
                : new FileRow(row.line(), row.text(), Optional.empty(), String.join("; ", faults));
    }
}
