package upahead.server.facts.adjustments;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
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

/** Reads opening balances from a file or from pasted cells. */
@Component
class OpeningFile {

    /**
     * A row of a file.
     *
     * @param row null where it cannot be read
     * @param fault why, empty where it can be
     */
    record FileRow(long line, String text, Optional<OpeningRow> row, String fault) {}

    /**
     * What stands in a file.
     *
     * @param rows none where a needed column was not found
     */
    record OpeningRows(Table table, FileColumns<OpeningColumn> columns, List<FileRow> rows) {}

    private final People people;
    private final Policies policies;

    OpeningFile(People people, Policies policies) {
        this.people = people;
        this.policies = policies;
    }

    /**
     * @param policyId the policy where the file names none
     * @param on the day where the file names none
     * @throws Refusal if it cannot be read as a table
     */
    @Transactional(readOnly = true)
    @May(Permission.ADJUST_BALANCES)
    public OpeningRows read(byte[] content, FileColumns.Reading reading, Long policyId, LocalDate on) {
        Table table = Table.read(content);
        FileColumns<OpeningColumn> columns =
                new FileColumns<>(table, OpeningColumn.class, List.of(OpeningColumn.ON), reading);
        List<FileRow> rows = columns.missing().isEmpty() ? new Rows(table, columns, policyId, on).read() : List.of();
        return new OpeningRows(table, columns, rows);
    }

    private final class Rows {

        private record Spot(long personId, long policyId) {}

        private final Table table;
        private final Long policyId;
        private final LocalDate on;
        private final Map<Spot, Long> lines = new HashMap<>();
        private final BalanceCells<OpeningColumn> cells;

        Rows(Table table, FileColumns<OpeningColumn> columns, Long policyId, LocalDate on) {
            this.table = table;
            this.policyId = policyId;
            this.on = on;
            this.cells = new BalanceCells<>(columns, people.search(PeopleQuery.everybody()), policies.all());
        }

        List<FileRow> read() {
            return table.rows().stream().map(this::row).toList();
        }

        private FileRow row(Table.Row row) {
            List<String> faults = new ArrayList<>();
            if (row.tooLong()) {
                faults.add("has more cells than there are headings");
            }
            Person person = cells.person(row, OpeningColumn.PERSON, faults);
            PolicyDetail policy = cells.policy(row, OpeningColumn.POLICY, policyId, faults);
            Unit unit = policy == null ? null : policy.unit();
            LocalDate day = cells.day(row, OpeningColumn.ON, on, faults);
            Amount balance = cells.figure(row, OpeningColumn.BALANCE, null, unit, faults);
            Amount earned = cells.figure(row, OpeningColumn.EARNED, Amount.ZERO, unit, faults);
            Amount used = cells.figure(row, OpeningColumn.USED, Amount.ZERO, unit, faults);
            Amount hours = cells.figure(row, OpeningColumn.HOURS, Amount.ZERO, Unit.HOURS, faults);
            if (faults.isEmpty()) {
                Long earlier = lines.putIfAbsent(new Spot(person.id(), policy.id()), row.line());
                if (earlier != null) {
                    faults.add("stands in line " + earlier + " already");
                }
            }
            return faults.isEmpty()
                    ? new FileRow(
                            row.line(),
                            row.text(),
                            Optional.of(new OpeningRow(person.id(), policy.id(), day, balance, earned, used, hours)),
                            "")
                    : new FileRow(row.line(), row.text(), Optional.empty(), String.join("; ", faults));
        }
    }
}
