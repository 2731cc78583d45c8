package upahead.server.facts.hours;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.employment.Person;
import upahead.server.employment.PersonFinder;
import upahead.server.organisation.HoursKinds;
import upahead.server.organisation.HoursKinds.HoursKind;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Numbers;
import upahead.server.platform.files.RowFault;
import upahead.server.platform.files.Table;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.words.Words;

/**
 * A file of hours, one row a person, day and kind. Every faulty row is named by its line and reason.
 *
 * @param rows the rows without fault
 * @param faults the others, in order of their lines
 */
record HoursFile(Table table, FileColumns<HoursColumn> columns, List<HoursRow> rows, List<RowFault> faults) {

    /** What time clocks and payroll offices call the usual kinds, besides their names and payroll codes. */
    private static final Map<String, String> OTHER_NAMES = Map.of(
            "normal", "regular", "standard", "regular", "ordinary", "regular", "ot", "overtime", "extra", "overtime");

    private static final Amount DAY = Amount.of(24);

    /**
     * Reads a file.
     *
     * @param people those whose hours may stand in it
     * @param period the days that may stand in it
     * @param timed the days on which hours follow from times, by the people's ids
     * @throws Refusal if it cannot be read as a table at all
     */
    static HoursFile read(
            byte[] content,
            FileColumns.Reading reading,
            PersonFinder<Person> people,
            DateSpan period,
            Map<Long, Set<LocalDate>> timed) {
        Table table = Table.read(content);
        FileColumns<HoursColumn> columns =
                new FileColumns<>(table, HoursColumn.class, List.of(HoursColumn.DATE), reading);
        return columns.missing().isEmpty()
                ? new Rows(table, columns, people, period, timed).read()
                : new HoursFile(table, columns, List.of(), List.of());
    }

    private static final class Rows {

        private record Spot(long personId, LocalDate on, String kind) {}

        private record PersonDay(long personId, LocalDate on) {}

        private final Table table;
        private final FileColumns<HoursColumn> columns;
        private final PersonFinder<Person> people;
        private final DateSpan period;
        private final Map<Long, Set<LocalDate>> timed;
        private final List<HoursRow> rows = new ArrayList<>();
        private final List<RowFault> faults = new ArrayList<>();
        private final Set<Spot> seen = new HashSet<>();
        private final Map<PersonDay, Amount> dayTotals = new HashMap<>();

        Rows(
                Table table,
                FileColumns<HoursColumn> columns,
                PersonFinder<Person> people,
                DateSpan period,
                Map<Long, Set<LocalDate>> timed) {
            this.timed = timed;
            this.table = table;
            this.columns = columns;
            this.people = people;
            this.period = period;
        }

        HoursFile read() {
            for (Table.Row row : table.rows()) {
                try {
                    rows.add(row(row));
                } catch (Fault fault) {
                    faults.add(new RowFault(row.line(), row.text(), fault.getMessage()));
                }
            }
            return new HoursFile(table, columns, List.copyOf(rows), List.copyOf(faults));
        }

        private HoursRow row(Table.Row row) {
            if (row.tooLong()) {
                throw new Fault("has more cells than there are headings");
            }
            PersonFinder.Meant<Person> meant = people.find(columns.cell(row, HoursColumn.PERSON));
            if (meant.person() == null) {
                throw new Fault(meant.fault());
            }
            Person person = meant.person();
            LocalDate on = date(columns.cell(row, HoursColumn.DATE));
            if (!period.contains(on)) {
                throw new Fault(Words.fullDay(on) + " is not in the period " + Words.span(period));
            }
            if (!person.isEmployedWithin(on, on)) {
                throw new Fault(person.name() + " is not employed on " + Words.fullDay(on));
            }
            if (timed.getOrDefault(person.id(), Set.of()).contains(on)) {
                throw new Fault("times stand on the card of " + Words.day(on) + ", from which the hours follow");
            }
            String kind = kind(columns.cell(row, HoursColumn.KIND));
            Amount hours = hours(columns.cell(row, HoursColumn.HOURS));
            if (!seen.add(new Spot(person.id(), on, kind))) {
                throw new Fault(
                        kind + " hours of " + person.name() + " on " + Words.day(on) + " stand in the file twice");
            }
            Amount total = dayTotals.merge(new PersonDay(person.id(), on), hours, Amount::plus);
            if (total.isMoreThan(DAY)) {
                throw new Fault("that makes " + total + " hours for " + person.name() + " on " + Words.day(on));
            }
            return new HoursRow(person.id(), on, kind, hours);
        }

        private LocalDate date(String text) {
            return Dates.read(text, columns.order())
                    .orElseThrow(() -> new Fault("“" + text + "” is no date; write it as 2027-04-12"));
        }

        /** By its name or by its payroll code; regular hours where nothing is said. */
        private static String kind(String text) {
            String said = text.toLowerCase(Locale.ROOT);
            String wanted = OTHER_NAMES.getOrDefault(said, said);
            return wanted.isEmpty()
                    ? "regular"
                    : HoursKinds.ALL.stream()
                            .filter(kind -> kind.name().equals(wanted)
                                    || kind.payrollCode().equalsIgnoreCase(wanted))
                            .map(HoursKind::name)
                            .findFirst()
                            .orElseThrow(() -> new Fault("the kind must be one of "
                                    + String.join(", ", HoursKinds.names()) + ", not “" + text + "”"));
        }

        private static Amount hours(String text) {
            Amount hours = Numbers.readHours(text)
                    .orElseThrow(() -> new Fault("the hours must be a number, not “" + text + "”"));
            if (hours.isNegative() || hours.isMoreThan(DAY)) {
                throw new Fault("a day has between 0 and 24 hours, not " + text);
            }
            return hours;
        }
    }

    private static final class Fault extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Fault(String reason) {
            super(reason);
        }
    }
}
