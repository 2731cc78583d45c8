package upahead.server.cards.punches;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiFunction;
import upahead.core.cards.ClockTime;
import upahead.core.cards.Punch;
import upahead.server.employment.Person;
import upahead.server.employment.PersonFinder;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.RowFault;
import upahead.server.platform.files.Table;

/**
 * A file of punches. Each row is one of them, or the in and the out of some work. Every faulty row is named by its line and
 * reason. Where a file does not say what was said, the first of a person's day is in, the next out, and so on.
 *
 * @param punches of the rows without fault, by the clock of where somebody works
 */
record PunchFile(
        Table table, FileColumns<PunchColumn> columns, List<FilePunch> punches, List<RowFault> faults, int rows) {

    private static final Map<String, Punch.Kind> WORDS = Map.ofEntries(
            Map.entry("in", Punch.Kind.IN),
            Map.entry("i", Punch.Kind.IN),
            Map.entry("start", Punch.Kind.IN),
            Map.entry("begin", Punch.Kind.IN),
            Map.entry("arrive", Punch.Kind.IN),
            Map.entry("kommen", Punch.Kind.IN),
            Map.entry("out", Punch.Kind.OUT),
            Map.entry("o", Punch.Kind.OUT),
            Map.entry("stop", Punch.Kind.OUT),
            Map.entry("end", Punch.Kind.OUT),
            Map.entry("leave", Punch.Kind.OUT),
            Map.entry("gehen", Punch.Kind.OUT),
            Map.entry("break", Punch.Kind.BREAK),
            Map.entry("b", Punch.Kind.BREAK),
            Map.entry("lunch", Punch.Kind.BREAK),
            Map.entry("pause", Punch.Kind.BREAK),
            Map.entry("break begin", Punch.Kind.BREAK),
            Map.entry("break start", Punch.Kind.BREAK),
            Map.entry("break end", Punch.Kind.BREAK));

    /** A punch by the clock of where somebody works. */
    record FilePunch(Person person, Punch.Kind kind, LocalDateTime at) {}

    /**
     * Reads a file.
     *
     * @param why tells why somebody's day cannot be taken; empty where it can
     */
    static PunchFile read(
            byte[] content,
            FileColumns.Reading reading,
            PersonFinder<Person> people,
            BiFunction<Person, LocalDate, String> why) {
        Table table = Table.read(content);
        FileColumns<PunchColumn> columns =
                new FileColumns<>(table, PunchColumn.class, List.of(PunchColumn.DATE), reading);
        return columns.missing().isEmpty()
                ? new Rows(table, columns, people, why).read()
                : new PunchFile(table, columns, List.of(), List.of(), 0);
    }

    private static final class Rows {

        private record PersonDay(long personId, LocalDate on) {}

        private final Table table;
        private final FileColumns<PunchColumn> columns;
        private final PersonFinder<Person> people;
        private final BiFunction<Person, LocalDate, String> why;
        private final Set<FilePunch> seen = new HashSet<>();
        private final Map<PersonDay, TreeMap<LocalDateTime, Person>> unsaid = new LinkedHashMap<>();

        Rows(
                Table table,
                FileColumns<PunchColumn> columns,
                PersonFinder<Person> people,
                BiFunction<Person, LocalDate, String> why) {
            this.table = table;
            this.columns = columns;
            this.people = people;
            this.why = why;
        }

        PunchFile read() {
            List<FilePunch> punches = new ArrayList<>();
            List<RowFault> faults = new ArrayList<>();
            for (Table.Row row : table.rows()) {
                try {
                    punches.addAll(once(row(row)));
                } catch (Fault fault) {
                    faults.add(new RowFault(row.line(), row.text(), fault.getMessage()));
                }
            }
            unsaid.values().forEach(times -> punches.addAll(inTurn(times)));
            return new PunchFile(table, columns, punches, faults, table.rows().size() - faults.size());
        }

        private static List<FilePunch> inTurn(TreeMap<LocalDateTime, Person> times) {
            List<FilePunch> punches = new ArrayList<>();
            times.forEach((at, person) ->
                    punches.add(new FilePunch(person, punches.size() % 2 == 0 ? Punch.Kind.IN : Punch.Kind.OUT, at)));
            return punches;
        }

        private List<FilePunch> once(List<FilePunch> punches) {
            for (FilePunch punch : punches) {
                if (!seen.add(punch)) {
                    throw new Fault("the same stands in the file twice");
                }
            }
            return punches;
        }

        private List<FilePunch> row(Table.Row row) {
            if (row.tooLong()) {
                throw new Fault("has more cells than there are headings");
            }
            PersonFinder.Meant<Person> meant = people.find(columns.cell(row, PunchColumn.PERSON));
            if (meant.person() == null) {
                throw new Fault(meant.fault());
            }
            Person person = meant.person();
            LocalDate on = date(columns.cell(row, PunchColumn.DATE));
            String cannot = why.apply(person, on);
            if (!cannot.isEmpty()) {
                throw new Fault(cannot);
            }
            Optional<LocalDateTime> in = at(on, columns.cell(row, PunchColumn.IN));
            Optional<LocalDateTime> out = at(on, columns.cell(row, PunchColumn.OUT));
            if (in.isPresent() || out.isPresent()) {
                return inAndOut(person, in, out);
            }
            return said(person, on, row);
        }

        private static List<FilePunch> inAndOut(
                Person person, Optional<LocalDateTime> in, Optional<LocalDateTime> out) {
            List<FilePunch> punches = new ArrayList<>();
            in.ifPresent(at -> punches.add(new FilePunch(person, Punch.Kind.IN, at)));
            out.map(at -> in.filter(begin -> !begin.isBefore(at)).isPresent() ? at.plusDays(1) : at)
                    .ifPresent(at -> punches.add(new FilePunch(person, Punch.Kind.OUT, at)));
            return punches;
        }

        private List<FilePunch> said(Person person, LocalDate on, Table.Row row) {
            String typed = columns.cell(row, PunchColumn.TIME);
            LocalDateTime at = at(on, typed.isEmpty() ? timeOf(columns.cell(row, PunchColumn.DATE)) : typed)
                    .orElseThrow(() -> new Fault("says no time"));
            String what = columns.cell(row, PunchColumn.WHAT).toLowerCase(Locale.ROOT);
            if (what.isEmpty()) {
                if (unsaid.computeIfAbsent(new PersonDay(person.id(), on), day -> new TreeMap<>())
                                .put(at, person)
                        != null) {
                    throw new Fault("the same stands in the file twice");
                }
                return List.of();
            }
            Punch.Kind kind = Optional.ofNullable(WORDS.get(what))
                    .orElseThrow(() -> new Fault("it must be in, out or break, not “" + what + "”"));
            return List.of(new FilePunch(person, kind, at));
        }

        private LocalDate date(String text) {
            return Dates.read(text, columns.order())
                    .orElseThrow(() -> new Fault("“" + text + "” is no date; write it as 2027-04-12"));
        }

        /** What stands behind the date, where both are in one cell. */
        private static String timeOf(String text) {
            String[] parts = text.split("[T ]", 2);
            return parts.length == 2 ? parts[1] : "";
        }

        private static Optional<LocalDateTime> at(LocalDate on, String text) {
            if (text.isEmpty()) {
                return Optional.empty();
            }
            String withoutSeconds = text.replaceAll("^(\\d{1,2}:\\d{2}):\\d{2}(\\.\\d+)?", "$1");
            return Optional.of(ClockTime.read(withoutSeconds)
                    .map(clock -> on.atTime(clock.time()))
                    .orElseThrow(() -> new Fault("“" + text + "” is no time of the clock")));
        }
    }

    private static final class Fault extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Fault(String reason) {
            super(reason);
        }
    }
}
