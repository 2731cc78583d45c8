package upahead.server.facts.hours;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.PersonFinder;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.RowFault;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Brings hours in from a CSV file: looked at first, then taken whole or not at all. */
@Service
public class HoursImport {

    /**
     * What a file would bring.
     *
     * @param headings that stand in the file
     * @param encoding in which it was written, in words
     * @param order in which day and month were read, null where it does not matter
     * @param rows that can be taken
     * @param people whose they are
     */
    public record HoursPreview(
            List<String> headings,
            String encoding,
            List<FileColumns.ColumnMatch> columns,
            @Nullable Dates.Order order,
            int rows,
            int people,
            Amount hours,
            List<RowFault> faults) {}

    private final HoursStore store;
    private final DaysWithTimes times;
    private final People people;
    private final LateChanges changes;
    private final Audit audit;

    HoursImport(HoursStore store, DaysWithTimes times, People people, LateChanges changes, Audit audit) {
        this.store = store;
        this.times = times;
        this.people = people;
        this.changes = changes;
        this.audit = audit;
    }

    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public HoursPreview preview(byte[] content, FileColumns.Reading reading, long payGroupId, DateSpan period) {
        return preview(read(content, reading, payGroupId, period));
    }

    /**
     * Takes the rows of a file.
     *
     * @param skip the lines of faulty rows that are left out on purpose
     * @throws Refusal if any other row is faulty; then nothing is taken
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public HoursPreview take(byte[] content, String source, long payGroupId, DateSpan period, Set<Long> skip) {
        return take(content, FileColumns.Reading.BY_ITSELF, source, payGroupId, period, skip);
    }

    /**
     * Takes the rows of a file, read as somebody chose.
     *
     * @param skip the lines of faulty rows that are left out on purpose
     * @throws Refusal if any other row is faulty; then nothing is taken
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public HoursPreview take(
            byte[] content,
            FileColumns.Reading reading,
            String source,
            long payGroupId,
            DateSpan period,
            Set<Long> skip) {
        HoursFile file = read(content, reading, payGroupId, period);
        file.columns().requireNeeded();
        RowFault.requireNone(file.faults(), skip);
        store.put(file.rows(), source);
        noteLate(file, source);
        audit.record(
                Thing.PAY_GROUP,
                payGroupId,
                "brought in hours for " + Words.span(period),
                null,
                source + ": " + file.rows().size() + " rows" + (skip.isEmpty() ? "" : ", left out lines " + skip));
        return preview(file);
    }

    /** All people of a file are of one pay group, so that its earliest day tells whether any of it is late. */
    private void noteLate(HoursFile file, String source) {
        Map<Long, LocalDate> first = new HashMap<>();
        file.rows().forEach(row -> first.merge(row.personId(), row.on(), DateSpan::earlier));
        boolean late = first.entrySet().stream()
                .min(Map.Entry.comparingByValue())
                .filter(earliest -> changes.isLate(earliest.getKey(), earliest.getValue()))
                .isPresent();
        if (late) {
            first.forEach((person, on) -> changes.note(
                    person,
                    null,
                    on,
                    "Hours from " + Words.day(on) + " on brought in from " + source,
                    Subject.HOURS,
                    person));
        }
    }

    private HoursFile read(byte[] content, FileColumns.Reading reading, long payGroupId, DateSpan period) {
        List<Person> group = people.search(PeopleQuery.ofPayGroup(payGroupId));
        return HoursFile.read(
                content,
                reading,
                PersonFinder.of(group),
                period,
                times.daysWithTimes(group.stream().map(Person::id).toList(), period));
    }

    private static HoursPreview preview(HoursFile file) {
        return new HoursPreview(
                file.table().headings(),
                file.table().encoding(),
                file.columns().matches(),
                file.columns().shownOrder(),
                file.rows().size(),
                (int) file.rows().stream().map(HoursRow::personId).distinct().count(),
                Amount.sum(file.rows().stream().map(HoursRow::hours).toList()),
                file.faults());
    }
}
