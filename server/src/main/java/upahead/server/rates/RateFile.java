package upahead.server.rates;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import upahead.core.quantity.Amount;
import upahead.core.value.PayRate;
import upahead.server.employment.Person;
import upahead.server.employment.PersonFinder;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Numbers;
import upahead.server.platform.files.RowFault;
import upahead.server.platform.files.Table;

/**
 * A file of pay rates, one row a person and day.
 *
 * @param rows those without fault
 * @param faults the others, in order of their lines
 */
record RateFile(Table table, FileColumns<RateColumn> columns, List<PersonRate> rows, List<RowFault> faults) {

    private static final Amount MOST = Amount.of(1_000_000_000);
    private static final int DECIMALS = 4;

    private static final Map<String, PayRate.Per> STRETCHES = Map.ofEntries(
            Map.entry("hour", PayRate.Per.HOUR),
            Map.entry("hourly", PayRate.Per.HOUR),
            Map.entry("h", PayRate.Per.HOUR),
            Map.entry("stunde", PayRate.Per.HOUR),
            Map.entry("day", PayRate.Per.DAY),
            Map.entry("daily", PayRate.Per.DAY),
            Map.entry("tag", PayRate.Per.DAY),
            Map.entry("month", PayRate.Per.MONTH),
            Map.entry("monthly", PayRate.Per.MONTH),
            Map.entry("monat", PayRate.Per.MONTH),
            Map.entry("year", PayRate.Per.YEAR),
            Map.entry("yearly", PayRate.Per.YEAR),
            Map.entry("annual", PayRate.Per.YEAR),
            Map.entry("annually", PayRate.Per.YEAR),
            Map.entry("jahr", PayRate.Per.YEAR));

    private record Spot(long personId, LocalDate from) {}

    /**
     * @param from where a row names no day
     * @param per where a row names no stretch
     */
    static RateFile read(
            byte[] content, FileColumns.Reading reading, Collection<Person> people, LocalDate from, PayRate.Per per) {
        Table table = Table.read(content);
        FileColumns<RateColumn> columns = new FileColumns<>(table, RateColumn.class, List.of(RateColumn.FROM), reading);
        if (!columns.missing().isEmpty()) {
            return new RateFile(table, columns, List.of(), List.of());
        }
        PersonFinder<Person> finder = PersonFinder.of(people);
        List<PersonRate> rows = new ArrayList<>();
        List<RowFault> faults = new ArrayList<>();
        Set<Spot> seen = new HashSet<>();
        for (Table.Row row : table.rows()) {
            List<String> wrong = new ArrayList<>();
            PersonRate rate = rate(row, columns, finder, from, per, wrong);
            if (wrong.isEmpty() && !seen.add(new Spot(rate.personId(), rate.from()))) {
                wrong.add("a rate of the same person from the same day stands in the file twice");
            }
            if (wrong.isEmpty()) {
                rows.add(rate);
            } else {
                faults.add(new RowFault(row.line(), row.text(), String.join("; ", wrong)));
            }
        }
        return new RateFile(table, columns, rows, faults);
    }

    private static PersonRate rate(
            Table.Row row,
            FileColumns<RateColumn> columns,
            PersonFinder<Person> people,
            LocalDate otherwise,
            PayRate.Per usual,
            List<String> wrong) {
        PersonFinder.Meant<Person> meant = people.find(columns.cell(row, RateColumn.PERSON));
        if (meant.person() == null) {
            wrong.add(meant.fault());
        }
        String said = columns.cell(row, RateColumn.RATE);
        Optional<Amount> amount = Numbers.read(said);
        if (amount.isEmpty()) {
            wrong.add("“" + said + "” is no number");
        } else if (amount.get().isNegative() || amount.get().isMoreThan(MOST)) {
            wrong.add("a rate is at least 0 and at most a thousand million, not " + said);
        } else if (amount.get().value().scale() > DECIMALS) {
            wrong.add("a rate has at most " + DECIMALS + " decimals, not " + said);
        }
        String stretch = columns.cell(row, RateColumn.PER).toLowerCase(Locale.ROOT);
        PayRate.Per per = stretch.isEmpty() ? usual : STRETCHES.get(stretch);
        if (per == null) {
            wrong.add("“" + stretch + "” is no stretch of time; write hour, day, month or year");
        }
        String day = columns.cell(row, RateColumn.FROM);
        Optional<LocalDate> from = day.isEmpty() ? Optional.of(otherwise) : Dates.read(day, columns.order());
        if (from.isEmpty()) {
            wrong.add("“" + day + "” is no date; write it as 2027-04-26");
        }
        return wrong.isEmpty() ? new PersonRate(0, meant.person().id(), from.get(), amount.get(), per) : null;
    }
}
