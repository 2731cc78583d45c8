package upahead.server.cards.punches;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.cards.Punch;
import upahead.server.cards.days.WorkingLife;
import upahead.server.cards.days.WorkingLives;
import upahead.server.cards.punches.PunchFile.FilePunch;
import upahead.server.cards.punches.StoredPunch.State;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.PersonFinder;
import upahead.server.periods.LateChanges;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.RowFault;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Brings punches in from a CSV file: looked at first, then taken whole or not at all. What was taken before is left out. */
@Service
public class PunchImport {

    private final PunchStore store;
    private final PunchTaking taking;
    private final People people;
    private final WorkingLives lives;
    private final LateChanges changes;
    private final Audit audit;
    private final MovableClock clock;

    PunchImport(
            PunchStore store,
            PunchTaking taking,
            People people,
            WorkingLives lives,
            LateChanges changes,
            Audit audit,
            MovableClock clock) {
        this.store = store;
        this.taking = taking;
        this.people = people;
        this.lives = lives;
        this.changes = changes;
        this.audit = audit;
        this.clock = clock;
    }

    /**
     * What a file would bring, or has brought.
     *
     * @param headings that stand in the file
     * @param encoding in which it was written, in words
     * @param order in which day and month were read, null where it does not matter
     * @param rows that can be taken
     * @param people whose they are
     * @param already punches that were taken before
     * @param setAside punches that found no place; 0 as long as the file is only looked at
     */
    public record PunchPreview(
            List<String> headings,
            String encoding,
            List<FileColumns.ColumnMatch> columns,
            @Nullable Dates.Order order,
            int rows,
            int people,
            int already,
            int setAside,
            List<RowFault> faults) {}

    /** Looks at a file. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public PunchPreview preview(byte[] content, FileColumns.Reading reading) {
        PunchFile file = read(content, reading);
        List<StoredPunch> punches = punches(file, "");
        return preview(file, punches.size() - newOnes(punches).size(), 0);
    }

    /**
     * Takes the punches of a file.
     *
     * @param skip the lines of faulty rows that are left out on purpose
     * @throws Refusal if any other row is faulty; then nothing is taken
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public PunchPreview take(byte[] content, FileColumns.Reading reading, String source, Set<Long> skip) {
        PunchFile file = read(content, reading);
        file.columns().requireNeeded();
        RowFault.requireNone(file.faults(), skip);
        List<StoredPunch> punches = punches(file, source);
        List<StoredPunch> newOnes = newOnes(punches);
        long setAside = newOnes.isEmpty()
                ? 0
                : taking.take(newOnes, source).stream()
                        .filter(each -> each.state() == State.SET_ASIDE)
                        .count();
        audit.record(
                Thing.COMPANY,
                1,
                "brought in punches",
                null,
                source + ": " + newOnes.size() + " punches" + (skip.isEmpty() ? "" : ", left out lines " + skip));
        return preview(file, punches.size() - newOnes.size(), (int) setAside);
    }

    private PunchFile read(byte[] content, FileColumns.Reading reading) {
        Map<Long, LocalDate> openSince = changes.openSince();
        LocalDate today = clock.today();
        return PunchFile.read(
                content,
                reading,
                PersonFinder.withClockCodes(people.search(PeopleQuery.everybody())),
                (person, on) -> why(person, on, today, openSince.get(person.payGroupId())));
    }

    private static String why(Person person, LocalDate on, LocalDate today, LocalDate openSince) {
        if (on.isAfter(today)) {
            return Words.fullDay(on) + " is still to come";
        }
        if (openSince != null && on.isBefore(openSince)) {
            return Words.fullDay(on) + " is in a closed period; change it on the card, with a reason";
        }
        return person.isEmployedWithin(on, on) ? "" : person.name() + " is not employed on " + Words.fullDay(on);
    }

    private List<StoredPunch> punches(PunchFile file, String source) {
        Map<Long, WorkingLife> theirs =
                lives.of(file.punches().stream().map(each -> each.person().id()).collect(Collectors.toSet()));
        return file.punches().stream()
                .map(each -> stored(each, theirs.get(each.person().id()), source))
                .toList();
    }

    private StoredPunch stored(FilePunch said, WorkingLife life, String source) {
        ZoneId zone = life.zone(said.at().toLocalDate());
        Instant at = said.at().atZone(zone).toInstant();
        return new StoredPunch(
                0,
                null,
                null,
                said.person().code(),
                said.person().id(),
                said.kind(),
                at,
                zone,
                source,
                clock.now(),
                State.TAKEN,
                "");
    }

    /** Those that nobody has brought in before, from whatever file or terminal. */
    private List<StoredPunch> newOnes(List<StoredPunch> punches) {
        if (punches.isEmpty()) {
            return punches;
        }
        Instant from = punches.stream()
                .map(StoredPunch::at)
                .min(Comparator.naturalOrder())
                .orElseThrow();
        Instant to = punches.stream()
                .map(StoredPunch::at)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        Set<Long> theirs = punches.stream().map(StoredPunch::personId).collect(Collectors.toSet());
        Map<Long, Set<Punch>> known = new HashMap<>();
        store.of(theirs, from, to)
                .forEach((person, own) -> known.put(
                        person, own.stream().map(StoredPunch::punch).collect(Collectors.toCollection(HashSet::new))));
        return punches.stream()
                .filter(each -> known.computeIfAbsent(each.personId(), person -> new HashSet<>())
                        .add(each.punch()))
                .toList();
    }

    private static PunchPreview preview(PunchFile file, int already, int setAside) {
        return new PunchPreview(
                file.table().headings(),
                file.table().encoding(),
                file.columns().matches(),
                file.columns().shownOrder(),
                file.rows(),
                (int) file.punches().stream()
                        .map(each -> each.person().id())
                        .distinct()
                        .count(),
                already,
                setAside,
                file.faults());
    }
}
