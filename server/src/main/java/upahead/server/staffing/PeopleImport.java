package upahead.server.staffing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.people.Employment;
import upahead.server.employment.EmploymentChanges;
import upahead.server.employment.EmploymentHistory.ScheduleFrom;
import upahead.server.employment.NewPerson;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.PersonChanges;
import upahead.server.enrolment.Covering;
import upahead.server.enrolment.Doubled;
import upahead.server.organisation.Organisation;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Progress;
import upahead.server.platform.files.Table;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.staffing.PeoplePreview.PolicyCount;
import upahead.server.staffing.RowOutcome.State;

/** Brings people in from a file or from pasted cells: looked at first, then taken whole or not at all. */
@Service
public class PeopleImport {

    private static final int FURTHEST_HIRE_MONTHS = 18;
    private static final int STEP = 250;
    private static final int MOST_GAPS = 20;

    private final People people;
    private final PersonChanges personChanges;
    private final Organisation organisation;
    private final EmploymentChanges employments;
    private final HireDates hireDates;
    private final Starters starters;
    private final Moves moves;
    private final EnrolmentCounts counts;
    private final MovableClock clock;
    private final Progress progress;
    private final Covering covering;

    PeopleImport(
            People people,
            PersonChanges personChanges,
            Organisation organisation,
            EmploymentChanges employments,
            HireDates hireDates,
            Starters starters,
            Moves moves,
            EnrolmentCounts counts,
            MovableClock clock,
            Progress progress,
            Covering covering) {
        this.people = people;
        this.personChanges = personChanges;
        this.organisation = organisation;
        this.employments = employments;
        this.hireDates = hireDates;
        this.starters = starters;
        this.moves = moves;
        this.counts = counts;
        this.clock = clock;
        this.progress = progress;
        this.covering = covering;
    }

    /**
     * How a file is to be read.
     *
     * @param changesFrom from when on changes of what has a date hold
     */
    public record Reading(FileColumns.Reading file, LocalDate changesFrom) {}

    private record Read(Table table, FileColumns<PersonColumn> columns, List<PersonRow> rows) {}

    /**
     * What taking a file would do, row by row.
     *
     * @throws Refusal if it cannot be read as a table at all
     */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_PEOPLE)
    public PeoplePreview preview(byte[] content, Reading reading) {
        Read read = read(content, reading);
        KnownCompany known = known(reading.changesFrom());
        List<RowOutcome> outcomes = compared(read, known, reading.changesFrom());
        return preview(read, known, outcomes, counts.of(outcomes, known, reading.changesFrom()), List.of());
    }

    /**
     * Takes a file.
     *
     * @throws Refusal if a row is wrong; then nothing is taken
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public PeoplePreview take(byte[] content, Reading reading) {
        LocalDate from = reading.changesFrom();
        Read read = read(content, reading);
        KnownCompany before = known(from);
        List<RowOutcome> looked = compared(read, before, from);
        requireNoneWrong(looked);
        addGroups(looked, before);
        KnownCompany known = before.with(organisation.sites(), organisation.teams());
        List<RowOutcome> outcomes = compared(read, known, from);
        List<PolicyCount> counts = this.counts.of(outcomes, known, from);
        addNew(outcomes);
        List<RowOutcome> changed =
                outcomes.stream().filter(each -> each.state() == State.CHANGED).toList();
        Map<String, Long> ids = people.idsByCode();
        for (int at = 0; at < changed.size(); at++) {
            change(changed.get(at), from, known, ids);
            if (at % STEP == 0) {
                progress.tell("Changing people", at, changed.size());
            }
        }
        return preview(read, known, outcomes, counts, gaps(outcomes, from));
    }

    /** Who of those added or changed is covered twice or not at all. */
    private List<String> gaps(List<RowOutcome> outcomes, LocalDate from) {
        Map<String, Long> ids = people.idsByCode();
        List<Long> touched = outcomes.stream()
                .filter(each -> each.state() == State.NEW || each.state() == State.CHANGED)
                .map(each -> ids.get(each.row().code().toUpperCase(Locale.ROOT)))
                .filter(Objects::nonNull)
                .toList();
        List<String> all =
                covering.doubled(touched, from).stream().map(Doubled::sentence).toList();
        if (all.size() <= MOST_GAPS) {
            return all;
        }
        List<String> first = new ArrayList<>(all.subList(0, MOST_GAPS));
        first.add("And so are " + (all.size() - MOST_GAPS) + " more.");
        return first;
    }

    private static PeoplePreview preview(
            Read read, KnownCompany known, List<RowOutcome> outcomes, List<PolicyCount> enrolments, List<String> gaps) {
        return PreviewedRows.of(
                read.table(),
                read.columns(),
                List.copyOf(newNames(outcomes, PersonRow::site, known.sites())),
                List.copyOf(newNames(outcomes, PersonRow::team, known.teams())),
                outcomes,
                enrolments,
                gaps);
    }

    private Read read(byte[] content, Reading reading) {
        Table table = Table.read(content);
        FileColumns<PersonColumn> columns =
                new FileColumns<>(table, PersonColumn.class, PersonColumn.DATES, reading.file());
        return new Read(table, columns, new PersonRows(table, columns).read());
    }

    private KnownCompany known(LocalDate from) {
        List<Person> all = people.search(PeopleQuery.everybodyOn(from));
        Map<Long, Employment> theirs =
                people.employments(all.stream().map(Person::id).toList());
        return KnownCompany.of(all, theirs, organisation.sites(), organisation.teams(), organisation.payGroups());
    }

    private List<RowOutcome> compared(Read read, KnownCompany known, LocalDate from) {
        return new RowComparison(known, from, clock.today().plusMonths(FURTHEST_HIRE_MONTHS)).outcomes(read.rows());
    }

    private static void requireNoneWrong(List<RowOutcome> outcomes) {
        List<RowOutcome> wrong =
                outcomes.stream().filter(each -> each.state() == State.WRONG).toList();
        if (!wrong.isEmpty()) {
            throw Refusal.of(
                    "file",
                    "Nothing was taken: line " + wrong.get(0).row().line() + ": "
                            + wrong.get(0).says().get(0)
                            + (wrong.size() == 1 ? "." : ", and " + (wrong.size() - 1) + " more lines are wrong."));
        }
    }

    private void addGroups(List<RowOutcome> outcomes, KnownCompany known) {
        newNames(outcomes, PersonRow::site, known.sites()).forEach(organisation::addSite);
        newNames(outcomes, PersonRow::team, known.teams()).forEach(organisation::addTeam);
    }

    private static Set<String> newNames(
            List<RowOutcome> outcomes, Function<PersonRow, String> name, Map<String, Long> known) {
        Map<String, String> found = new LinkedHashMap<>();
        outcomes.stream()
                .filter(each -> each.state() == State.NEW || each.state() == State.CHANGED)
                .map(each -> name.apply(each.row()))
                .filter(each -> each != null && !known.containsKey(KnownCompany.key(each)))
                .forEach(each -> found.putIfAbsent(KnownCompany.key(each), each));
        return new LinkedHashSet<>(found.values());
    }

    private void addNew(List<RowOutcome> outcomes) {
        List<NewPerson> added = new ArrayList<>();
        Map<String, String> approvers = new LinkedHashMap<>();
        outcomes.stream().filter(each -> each.state() == State.NEW).forEach(each -> {
            added.add(each.added());
            if (each.row().approver() != null) {
                approvers.put(each.row().code(), each.row().approver());
            }
        });
        if (!added.isEmpty()) {
            progress.tell("Adding people", 0, added.size());
            starters.addAll(added, approvers);
        }
    }

    private void change(RowOutcome outcome, LocalDate from, KnownCompany known, Map<String, Long> ids) {
        long id = outcome.known().id();
        if (outcome.details() != null) {
            personChanges.change(id, outcome.details());
        }
        if (outcome.movesHireDate()) {
            hireDates.move(id, outcome.row().hired());
        }
        if (outcome.groups() != null) {
            moves.make(id, from, outcome.groups().placing(known, ids), Map.of());
        }
        if (outcome.fte() != null) {
            employments.changeFte(id, from, outcome.fte());
        }
        if (outcome.week() != null) {
            employments.changeSchedule(id, new ScheduleFrom(from, outcome.week(), List.of()));
        }
        if (outcome.setsLastDay()) {
            personChanges.leave(id, outcome.row().lastDay());
        }
    }
}
