package upahead.server.payruns;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.ledger.LineKind;
import upahead.core.quantity.Amount;
import upahead.server.holidays.HolidayHours;
import upahead.server.holidays.HolidayHours.PaidHoliday;
import upahead.server.hours.RecordedHours;
import upahead.server.people.People;
import upahead.server.people.PeopleQuery;
import upahead.server.people.Person;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.problems.Refusal;

/** What payroll gets of a closed run: hours worked, holidays paid, leave taken and time paid out, by payroll code. */
@Service
public class HandOver {

    private static final Map<String, String> CODES = Map.of("regular", "REG", "overtime", "OVT", "training", "TRN");

    private record Entry(Person person, String code, String what, Amount amount, String unit) {}

    private final PayRuns runs;
    private final WorksheetBuilder worksheets;
    private final RecordedHours hours;
    private final HolidayHours holidayHours;
    private final People people;
    private final Policies policies;

    HandOver(
            PayRuns runs,
            WorksheetBuilder worksheets,
            RecordedHours hours,
            HolidayHours holidayHours,
            People people,
            Policies policies) {
        this.runs = runs;
        this.worksheets = worksheets;
        this.hours = hours;
        this.holidayHours = holidayHours;
        this.people = people;
        this.policies = policies;
    }

    /** A CSV file and the name it is saved under. */
    public record HandOverFile(String name, String content) {}

    /**
     * The hand-over of a closed run.
     *
     * @throws Refusal if the run is not closed
     */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public HandOverFile of(long runId) {
        PayRun run = runs.get(runId);
        if (!run.isClosed()) {
            throw Refusal.conflict("Payroll gets its file when the run is closed.");
        }
        Map<Long, Person> group = people.search(PeopleQuery.ofPayGroup(run.payGroupId(), run.lastDay())).stream()
                .collect(Collectors.toMap(Person::id, person -> person));
        List<Entry> entries = new ArrayList<>(worked(run, group));
        entries.addAll(leave(run, group));
        entries.addAll(paidHolidays(run, group));
        entries.sort(
                Comparator.comparing((Entry entry) -> entry.person().code()).thenComparing(Entry::code));
        return new HandOverFile("hand-over-" + run.firstDay() + "-to-" + run.lastDay() + ".csv", csv(entries));
    }

    private List<Entry> worked(PayRun run, Map<Long, Person> group) {
        return hours.totals(run.period()).stream()
                .filter(total -> group.containsKey(total.personId()))
                .map(total -> new Entry(
                        group.get(total.personId()),
                        CODES.get(total.kind()),
                        total.kind() + " hours",
                        total.hours(),
                        "hours"))
                .toList();
    }

    private List<Entry> paidHolidays(PayRun run, Map<Long, Person> group) {
        List<Entry> entries = new ArrayList<>();
        holidayHours.of(group.values(), run.period()).forEach((personId, own) -> own.stream()
                .collect(Collectors.groupingBy(
                        PaidHoliday::payrollCode, Collectors.mapping(PaidHoliday::hours, Collectors.toList())))
                .forEach((code, hours) -> entries.add(
                        new Entry(group.get(personId), code, "holiday hours", Amount.sum(hours), "hours"))));
        return entries;
    }

    private List<Entry> leave(PayRun run, Map<Long, Person> group) {
        Map<Long, PolicyDetail> byId = policies.byId();
        List<Entry> entries = new ArrayList<>();
        for (WorksheetRow row : worksheets.rows(run)) {
            for (LineKind kind : List.of(LineKind.TAKEN, LineKind.PAID_OUT)) {
                Amount amount = Amount.sum(row.lines().stream()
                                .filter(line -> line.kind() == kind)
                                .map(WorksheetLine::amount)
                                .toList())
                        .negated();
                if (!amount.isZero()) {
                    entries.add(new Entry(
                            group.get(row.personId()),
                            byId.get(row.policyId()).payrollCode(),
                            row.policy() + (kind == LineKind.TAKEN ? " taken" : " paid out"),
                            amount,
                            row.unit().name().toLowerCase(Locale.ROOT)));
                }
            }
        }
        return entries;
    }

    private static String csv(List<Entry> entries) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader("person", "name", "code", "what", "amount", "unit")
                .get();
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (Entry entry : entries) {
                printer.printRecord(
                        entry.person().code(),
                        entry.person().name(),
                        entry.code(),
                        entry.what(),
                        entry.amount(),
                        entry.unit());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }
}
