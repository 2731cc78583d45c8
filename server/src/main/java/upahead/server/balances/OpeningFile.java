package upahead.server.balances;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.quantity.Amount;
import upahead.server.files.Dates;
import upahead.server.files.Numbers;
import upahead.server.files.Table;
import upahead.server.people.People;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.problems.Refusal;

/** Reads opening balances from a file or from pasted cells. */
@Component
class OpeningFile {

    private static final Map<Column, List<String>> NAMES = Map.of(
            Column.CODE, List.of("code", "person", "personcode", "employeecode", "employee", "number", "id"),
            Column.POLICY, List.of("policy", "kind", "leave", "plan", "type"),
            Column.ON, List.of("on", "asof", "date", "day", "ason"),
            Column.BALANCE, List.of("balance", "openingbalance", "remaining", "left"),
            Column.EARNED, List.of("earned", "earnedthisyear", "earnedsofar", "accrued"),
            Column.USED, List.of("used", "usedthisyear", "usedsofar", "taken"),
            Column.HOURS, List.of("hourstoward", "hourstowardnextstep", "hourssofar"));

    private enum Column {
        CODE,
        POLICY,
        ON,
        BALANCE,
        EARNED,
        USED,
        HOURS
    }

    /**
     * A row of a file.
     *
     * @param row null where it cannot be read
     * @param fault why, empty where it can be
     */
    record FileRow(long line, String text, Optional<OpeningRow> row, String fault) {}

    private final People people;
    private final Policies policies;

    OpeningFile(People people, Policies policies) {
        this.people = people;
        this.policies = policies;
    }

    /**
     * @param policyId the policy where the file names none
     * @param on the day where the file names none
     * @throws Refusal if it cannot be read as a table, or has no column for codes or balances
     */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<FileRow> read(byte[] content, Long policyId, LocalDate on) {
        Table table = Table.read(content);
        Map<Column, String> columns = table.matched(NAMES);
        if (!columns.containsKey(Column.CODE) || !columns.containsKey(Column.BALANCE)) {
            throw Refusal.of(
                    "file",
                    "The file needs the columns code and balance, and may have policy, as of, earned, used and hours"
                            + " toward. Found: " + String.join(", ", table.headings()) + ".");
        }
        return new Reading(table, columns, policyId, on).rows();
    }

    private final class Reading {

        private final Table table;
        private final Map<Column, String> columns;
        private final Long policyId;
        private final LocalDate on;
        private final Dates.Order order;
        private final Map<String, Long> ids = people.idsByCode();
        private final Map<String, PolicyDetail> byName = policies.all().stream()
                .collect(Collectors.toMap(policy -> policy.name().toLowerCase(Locale.ROOT), Function.identity()));

        Reading(Table table, Map<Column, String> columns, Long policyId, LocalDate on) {
            this.table = table;
            this.columns = columns;
            this.policyId = policyId;
            this.on = on;
            this.order =
                    Dates.orderOf(table.cells(columns.get(Column.ON)).toList()).orElse(Dates.Order.DAY_FIRST);
        }

        List<FileRow> rows() {
            return table.rows().stream().map(this::row).toList();
        }

        private FileRow row(Table.Row row) {
            List<String> faults = new ArrayList<>();
            if (row.tooLong()) {
                faults.add("has more cells than there are headings");
            }
            Long person = ids.get(cell(row, Column.CODE).toUpperCase(Locale.ROOT));
            if (person == null) {
                faults.add("nobody has the code “" + cell(row, Column.CODE) + "”");
            }
            Long policy = policy(row, faults);
            LocalDate day = day(row, faults);
            Amount balance = figure(row, Column.BALANCE, null, faults);
            Amount earned = figure(row, Column.EARNED, Amount.ZERO, faults);
            Amount used = figure(row, Column.USED, Amount.ZERO, faults);
            Amount hours = figure(row, Column.HOURS, Amount.ZERO, faults);
            return faults.isEmpty()
                    ? new FileRow(
                            row.line(),
                            row.text(),
                            Optional.of(new OpeningRow(person, policy, day, balance, earned, used, hours)),
                            "")
                    : new FileRow(row.line(), row.text(), Optional.empty(), String.join("; ", faults));
        }

        private String cell(Table.Row row, Column column) {
            return table.cell(row, columns.get(column));
        }

        private Long policy(Table.Row row, List<String> faults) {
            String name = cell(row, Column.POLICY);
            if (name.isEmpty()) {
                if (policyId == null) {
                    faults.add("names no policy");
                }
                return policyId;
            }
            PolicyDetail policy = byName.get(name.toLowerCase(Locale.ROOT));
            if (policy == null) {
                faults.add("there is no policy “" + name + "”");
                return null;
            }
            return policy.id();
        }

        private LocalDate day(Table.Row row, List<String> faults) {
            String text = cell(row, Column.ON);
            if (text.isEmpty()) {
                return on;
            }
            return Dates.read(text, order).orElseGet(() -> {
                faults.add("“" + text + "” is no date; write it as 2027-04-26");
                return null;
            });
        }

        private Amount figure(Table.Row row, Column column, Amount otherwise, List<String> faults) {
            String text = cell(row, column);
            if (text.isEmpty() && otherwise != null) {
                return otherwise;
            }
            return Numbers.read(text).orElseGet(() -> {
                faults.add(column.name().toLowerCase(Locale.ROOT) + ": “" + text + "” is no number");
                return null;
            });
        }
    }
}
