package upahead.server.requests;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.employment.Person;
import upahead.server.employment.PersonFinder;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Numbers;
import upahead.server.platform.files.Table;
import upahead.server.policies.PolicyDetail;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;

/** Reads the rows of a file as leave of people that are known, under policies that there are. */
final class LeaveRows {

    private static final int MOST_DAYS = 120;

    private final FileColumns<LeaveColumn> columns;
    private final PersonFinder<Person> finder;
    private final Map<String, PolicyDetail> byName = new HashMap<>();

    LeaveRows(FileColumns<LeaveColumn> columns, List<Person> people, Collection<PolicyDetail> policies) {
        this.columns = columns;
        this.finder = PersonFinder.of(people);
        policies.forEach(policy -> byName.put(policy.name().toLowerCase(Locale.ROOT), policy));
        policies.forEach(policy -> byName.putIfAbsent(policy.payrollCode().toLowerCase(Locale.ROOT), policy));
    }

    /**
     * The leave of a row.
     *
     * @param leave null where something is wrong with it
     * @param faults what is
     */
    record LeaveInRow(Table.Row row, RequestDraft leave, List<String> faults) {}

    List<LeaveInRow> of(Table table) {
        return table.rows().stream().map(this::row).toList();
    }

    private LeaveInRow row(Table.Row row) {
        List<String> faults = new ArrayList<>();
        if (row.tooLong()) {
            faults.add("has more cells than there are headings");
        }
        PersonFinder.Meant<Person> meant = finder.find(columns.cell(row, LeaveColumn.PERSON));
        if (meant.person() == null) {
            faults.add(meant.fault());
        }
        String name = columns.cell(row, LeaveColumn.POLICY);
        PolicyDetail policy = byName.get(name.toLowerCase(Locale.ROOT));
        if (policy == null) {
            faults.add("there is no policy “" + name + "”");
        }
        Optional<LocalDate> first = date(row, LeaveColumn.FIRST, faults);
        Optional<LocalDate> last =
                columns.cell(row, LeaveColumn.LAST).isEmpty() ? first : date(row, LeaveColumn.LAST, faults);
        Optional<DateSpan> days = first.flatMap(from -> last.flatMap(to -> DateSpan.between(from, to)));
        if (first.isPresent() && last.isPresent() && days.isEmpty()) {
            faults.add("the last day is before the first");
        }
        if (days.filter(span -> span.days() > MOST_DAYS).isPresent()) {
            faults.add("has more than " + MOST_DAYS + " days; split it");
        }
        String hours = columns.cell(row, LeaveColumn.HOURS);
        Optional<Amount> figure = hours.isEmpty() ? Optional.empty() : Numbers.readHours(hours);
        if (!hours.isEmpty() && figure.filter(Amount::isPositive).isEmpty()) {
            faults.add("hours a day: “" + hours + "” is no number above 0");
        }
        return new LeaveInRow(
                row,
                faults.isEmpty()
                        ? new RequestDraft(
                                meant.person().id(),
                                policy.id(),
                                days.orElseThrow()
                                        .dates()
                                        .map(day -> new AskedDay(
                                                day, figure.isPresent() ? Part.HOURS : Part.WHOLE, figure.orElse(null)))
                                        .toList(),
                                columns.cell(row, LeaveColumn.NOTE))
                        : null,
                faults);
    }

    private Optional<LocalDate> date(Table.Row row, LeaveColumn column, List<String> faults) {
        String text = columns.cell(row, column);
        Optional<LocalDate> date = Dates.read(text, columns.order());
        if (date.isEmpty()) {
            faults.add(column.title().toLowerCase(Locale.ROOT) + ": “" + text + "” is no date; write it as 2027-04-26");
        }
        return date;
    }
}
