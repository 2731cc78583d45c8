package upahead.server.accounts.against;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.facts.adjustments.BalanceCells;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Table;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Reads another record of balances from a file or from pasted cells. */
@Component
public class AnotherRecord {

    /** A balance as the other record has it. */
    record Said(Person person, PolicyDetail policy, Amount balance) {}

    /**
     * A row of the other record.
     *
     * @param said nothing where it cannot be read
     * @param fault why, empty where it can be
     */
    record RecordRow(long line, String text, Optional<Said> said, String fault) {}

    /**
     * What stands in the other record.
     *
     * @param rows none where a needed column was not found
     */
    record Read(Table table, FileColumns<?> columns, List<RecordRow> rows) {

        List<Said> said() {
            return rows.stream().flatMap(row -> row.said().stream()).toList();
        }
    }

    private record Spot(long personId, long policyId) {}

    private final People people;
    private final Policies policies;

    AnotherRecord(People people, Policies policies) {
        this.people = people;
        this.policies = policies;
    }

    /**
     * @param policyId the policy where it names none
     * @throws Refusal if it cannot be read as a table
     */
    @Transactional(readOnly = true)
    @May(Permission.ADJUST_BALANCES)
    public Read read(byte[] content, FileColumns.Reading reading, Long policyId) {
        Table table = Table.read(content);
        FileColumns<RecordColumn> columns = new FileColumns<>(table, RecordColumn.class, List.of(), reading);
        if (!columns.missing().isEmpty()) {
            return new Read(table, columns, List.of());
        }
        BalanceCells<RecordColumn> cells =
                new BalanceCells<>(columns, people.search(PeopleQuery.everybody()), policies.all());
        Map<Spot, Long> lines = new HashMap<>();
        return new Read(
                table,
                columns,
                table.rows().stream()
                        .map(row -> row(row, cells, policyId, lines))
                        .toList());
    }

    private static RecordRow row(
            Table.Row row, BalanceCells<RecordColumn> cells, Long policyId, Map<Spot, Long> lines) {
        List<String> faults = new ArrayList<>();
        Person person = cells.person(row, RecordColumn.PERSON, faults);
        PolicyDetail policy = cells.policy(row, RecordColumn.POLICY, policyId, faults);
        Amount balance = cells.figure(row, RecordColumn.BALANCE, null, policy == null ? null : policy.unit(), faults);
        if (policy != null && policy.recordedOnly()) {
            faults.add(policy.name() + " is only recorded and has no balance");
        }
        if (faults.isEmpty()) {
            Long earlier = lines.putIfAbsent(new Spot(person.id(), policy.id()), row.line());
            if (earlier != null) {
                faults.add("stands in line " + earlier + " already");
            }
        }
        return faults.isEmpty()
                ? new RecordRow(row.line(), row.text(), Optional.of(new Said(person, policy, balance)), "")
                : new RecordRow(row.line(), row.text(), Optional.empty(), String.join("; ", faults));
    }
}
