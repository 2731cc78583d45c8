package upahead.server.facts.adjustments;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.PersonFinder;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Numbers;
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
        private final FileColumns<OpeningColumn> columns;
        private final Long policyId;
        private final LocalDate on;
        private final Map<Spot, Long> lines = new HashMap<>();
        private final PersonFinder<Person> finder = PersonFinder.of(people.search(PeopleQuery.everybody()));
        private final Map<String, PolicyDetail> byName = policies.all().stream()
                .collect(Collectors.toMap(policy -> policy.name().toLowerCase(Locale.ROOT), Function.identity()));

        Rows(Table table, FileColumns<OpeningColumn> columns, Long policyId, LocalDate on) {
            this.table = table;
            this.columns = columns;
            this.policyId = policyId;
            this.on = on;
        }

        List<FileRow> read() {
            return table.rows().stream().map(this::row).toList();
        }

        private FileRow row(Table.Row row) {
            List<String> faults = new ArrayList<>();
            if (row.tooLong()) {
                faults.add("has more cells than there are headings");
            }
            PersonFinder.Meant<Person> meant = finder.find(columns.cell(row, OpeningColumn.PERSON));
            if (meant.person() == null) {
                faults.add(meant.fault());
            }
            Long policy = policy(row, faults);
            LocalDate day = day(row, faults);
            Amount balance = figure(row, OpeningColumn.BALANCE, null, policy, faults);
            Amount earned = figure(row, OpeningColumn.EARNED, Amount.ZERO, policy, faults);
            Amount used = figure(row, OpeningColumn.USED, Amount.ZERO, policy, faults);
            Amount hours = figure(row, OpeningColumn.HOURS, Amount.ZERO, policy, faults);
            if (faults.isEmpty()) {
                Long earlier = lines.putIfAbsent(new Spot(meant.person().id(), policy), row.line());
                if (earlier != null) {
                    faults.add("stands in line " + earlier + " already");
                }
            }
            return faults.isEmpty()
                    ? new FileRow(
                            row.line(),
                            row.text(),
                            Optional.of(new OpeningRow(meant.person().id(), policy, day, balance, earned, used, hours)),
                            "")
                    : new FileRow(row.line(), row.text(), Optional.empty(), String.join("; ", faults));
        }

        private Long policy(Table.Row row, List<String> faults) {
            String name = columns.cell(row, OpeningColumn.POLICY);
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
            String text = columns.cell(row, OpeningColumn.ON);
            if (text.isEmpty()) {
                return on;
            }
            return Dates.read(text, columns.order()).orElseGet(() -> {
                faults.add("“" + text + "” is no date; write it as 2027-04-26");
                return null;
            });
        }

        /** Hours may stand there as 7:30; a policy in days has no minutes. */
        private Optional<Amount> read(String text, OpeningColumn column, Long policy) {
            boolean inDays = column != OpeningColumn.HOURS
                    && byName.values().stream()
                            .anyMatch(each -> policy != null && each.id() == policy && each.unit() == Unit.DAYS);
            return inDays ? Numbers.read(text) : Numbers.readHours(text);
        }

        private Amount figure(Table.Row row, OpeningColumn column, Amount otherwise, Long policy, List<String> faults) {
            String text = columns.cell(row, column);
            if (text.isEmpty() && otherwise != null) {
                return otherwise;
            }
            return read(text, column, policy).orElseGet(() -> {
                faults.add(column.title().toLowerCase(Locale.ROOT) + ": “" + text + "” is no number");
                return null;
            });
        }
    }
}
