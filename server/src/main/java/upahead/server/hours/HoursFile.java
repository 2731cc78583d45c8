package upahead.server.hours;

import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.people.Person;
import upahead.server.problems.Refusal;

/**
 * A CSV file of hours with the columns person, date, kind and hours. Every faulty row is named by its line and reason.
 *
 * @param rows the rows without fault
 * @param faults the others, in order of their lines
 */
record HoursFile(List<HoursRow> rows, List<HoursFault> faults) {

    private static final List<String> COLUMNS = List.of("person", "date", "kind", "hours");
    private static final Amount DAY = Amount.of(24);
    private static final String BYTE_ORDER_MARK = "\uFEFF";

    /**
     * Reads a file.
     *
     * @param people those whose hours may stand in it, by their codes
     * @param period the days that may stand in it
     * @throws Refusal if it has no rows or not the columns it needs
     */
    static HoursFile read(byte[] content, Map<String, Person> people, DateSpan period) {
        String text = new String(content, StandardCharsets.UTF_8);
        String plain = text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text;
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(plain.lines().findFirst().orElse("").contains(";") ? ";" : ",")
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (Reader reader = new StringReader(plain);
                CSVParser parser = format.parse(reader)) {
            requireColumns(parser.getHeaderNames());
            return new Reading(people, period).read(parser);
        } catch (IOException | IllegalStateException | IllegalArgumentException unreadable) {
            throw Refusal.of("file", "This file cannot be read as CSV: " + unreadable.getMessage());
        }
    }

    private static void requireColumns(List<String> found) {
        Set<String> names =
                found.stream().map(name -> name.toLowerCase(Locale.ROOT)).collect(Collectors.toSet());
        List<String> missing =
                COLUMNS.stream().filter(column -> !names.contains(column)).toList();
        if (!missing.isEmpty()) {
            throw Refusal.of(
                    "file",
                    "The file needs the columns person, date, kind and hours; missing: " + String.join(", ", missing)
                            + ". Found: " + (found.isEmpty() ? "none" : String.join(", ", found)) + ".");
        }
    }

    private static final class Reading {

        private record Spot(long personId, LocalDate on, String kind) {}

        private record PersonDay(long personId, LocalDate on) {}

        private final Map<String, Person> people;
        private final DateSpan period;
        private final List<HoursRow> rows = new ArrayList<>();
        private final List<HoursFault> faults = new ArrayList<>();
        private final Set<Spot> seen = new HashSet<>();
        private final Map<PersonDay, Amount> dayTotals = new HashMap<>();

        Reading(Map<String, Person> people, DateSpan period) {
            this.people = people;
            this.period = period;
        }

        HoursFile read(CSVParser parser) {
            long line = parser.getCurrentLineNumber();
            for (CSVRecord row : parser) {
                line = Math.max(line + 1, parser.getCurrentLineNumber());
                try {
                    rows.add(row(row));
                } catch (Fault fault) {
                    faults.add(new HoursFault(line, String.join(", ", row.toList()), fault.getMessage()));
                }
            }
            if (rows.isEmpty() && faults.isEmpty()) {
                throw Refusal.of("file", "The file has no rows.");
            }
            return new HoursFile(List.copyOf(rows), List.copyOf(faults));
        }

        private HoursRow row(CSVRecord row) {
            if (!row.isConsistent()) {
                throw new Fault("has " + row.size() + " fields instead of those of the heading");
            }
            Person person = people.get(row.get("person"));
            if (person == null) {
                throw new Fault("nobody of this pay group has the code " + quoted(row.get("person")));
            }
            LocalDate on = date(row.get("date"));
            if (!period.contains(on)) {
                throw new Fault(on + " is not in the period " + period);
            }
            if (!person.isEmployedWithin(on, on)) {
                throw new Fault(person.name() + " is not employed on " + on);
            }
            String kind =
                    row.get("kind").isEmpty() ? "regular" : row.get("kind").toLowerCase(Locale.ROOT);
            if (!HoursKinds.ALL.contains(kind)) {
                throw new Fault("the kind must be regular, overtime or training, not " + quoted(kind));
            }
            Amount hours = hours(row.get("hours"));
            if (!seen.add(new Spot(person.id(), on, kind))) {
                throw new Fault(kind + " hours of " + person.name() + " on " + on + " stand in the file twice");
            }
            Amount total = dayTotals.merge(new PersonDay(person.id(), on), hours, Amount::plus);
            if (total.isMoreThan(DAY)) {
                throw new Fault("that makes " + total + " hours for " + person.name() + " on " + on);
            }
            return new HoursRow(person.id(), on, kind, hours);
        }

        private static LocalDate date(String text) {
            try {
                return LocalDate.parse(text);
            } catch (DateTimeException notADate) {
                throw new Fault("the date must be written like 2027-04-12, not " + quoted(text));
            }
        }

        private static Amount hours(String text) {
            Amount hours;
            try {
                hours = Amount.of(text);
            } catch (NumberFormatException notANumber) {
                throw new Fault("the hours must be a number, not " + quoted(text));
            }
            if (hours.isNegative() || hours.isMoreThan(DAY)) {
                throw new Fault("a day has between 0 and 24 hours, not " + text);
            }
            return hours;
        }

        private static String quoted(String text) {
            return "“" + text + "”";
        }
    }

    private static final class Fault extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Fault(String reason) {
            super(reason);
        }
    }
}
