package upahead.server.staffing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.people.Employment;
import upahead.server.clock.MovableClock;
import upahead.server.files.FileColumns;
import upahead.server.files.Progress;
import upahead.server.files.Table;
import upahead.server.people.EmploymentChanges;
import upahead.server.people.NewPerson;
import upahead.server.people.Organisation;
import upahead.server.people.People;
import upahead.server.people.PeopleQuery;
import upahead.server.people.Person;
import upahead.server.people.Placing;
import upahead.server.policies.CoverageEffect;
import upahead.server.policies.CoverageEffect.What;
import upahead.server.policies.Doubled;
import upahead.server.policies.Enrolments;
import upahead.server.policies.HireDates;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.problems.Refusal;
import upahead.server.staffing.PeoplePreview.PolicyCount;
import upahead.server.staffing.PeoplePreview.RowView;
import upahead.server.staffing.RowOutcome.Groups;
import upahead.server.staffing.RowOutcome.State;

/** Brings people in from a file or from pasted cells: looked at first, then taken whole or not at all. */
@Service
public class PeopleImport {

    private static final int MOST_SHOWN = 500;
    private static final int FURTHEST_HIRE_MONTHS = 18;
    private static final int STEP = 250;
    private static final int MOST_GAPS = 20;

    private final People people;
    private final Organisation organisation;
    private final EmploymentChanges employments;
    private final HireDates hireDates;
    private final Starters starters;
    private final Moves moves;
    private final Enrolments enrolments;
    private final Endings endings;
    private final MovableClock clock;
    private final Progress progress;
    private final Policies policies;

    PeopleImport(
            People people,
            Organisation organisation,
            EmploymentChanges employments,
            HireDates hireDates,
            Starters starters,
            Moves moves,
            Enrolments enrolments,
            Endings endings,
            MovableClock clock,
            Progress progress,
            Policies policies) {
        this.people = people;
        this.organisation = organisation;
        this.employments = employments;
        this.hireDates = hireDates;
        this.starters = starters;
        this.moves = moves;
        this.enrolments = enrolments;
        this.endings = endings;
        this.clock = clock;
        this.progress = progress;
        this.policies = policies;
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
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PeoplePreview preview(byte[] content, Reading reading) {
        Read read = read(content, reading);
        Known known = known(reading.changesFrom());
        List<RowOutcome> outcomes = compared(read, known, reading.changesFrom());
        return preview(read, known, outcomes, counts(outcomes, known, reading.changesFrom()), List.of());
    }

    /**
     * Takes a file.
     *
     * @throws Refusal if a row is wrong; then nothing is taken
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PeoplePreview take(byte[] content, Reading reading) {
        LocalDate from = reading.changesFrom();
        Read read = read(content, reading);
        Known before = known(from);
        List<RowOutcome> looked = compared(read, before, from);
        requireNoneWrong(looked);
        addGroups(looked, before);
        Known known = before.with(organisation.sites(), organisation.teams());
        List<RowOutcome> outcomes = compared(read, known, from);
        List<PolicyCount> counts = counts(outcomes, known, from);
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
                policies.doubled(touched, from).stream().map(Doubled::sentence).toList();
        if (all.size() <= MOST_GAPS) {
            return all;
        }
        List<String> first = new ArrayList<>(all.subList(0, MOST_GAPS));
        first.add("And so are " + (all.size() - MOST_GAPS) + " more.");
        return first;
    }

    private Read read(byte[] content, Reading reading) {
        Table table = Table.read(content);
        FileColumns<PersonColumn> columns =
                new FileColumns<>(table, PersonColumn.class, PersonColumn.DATES, reading.file());
        return new Read(table, columns, new PersonRows(table, columns).read());
    }

    private Known known(LocalDate from) {
        List<Person> all = people.search(PeopleQuery.everybodyOn(from));
        Map<Long, Employment> theirs =
                people.employments(all.stream().map(Person::id).toList());
        return Known.of(all, theirs, organisation.sites(), organisation.teams(), organisation.payGroups());
    }

    private List<RowOutcome> compared(Read read, Known known, LocalDate from) {
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

    private void addGroups(List<RowOutcome> outcomes, Known known) {
        newNames(outcomes, PersonRow::site, known.sites()).forEach(organisation::addSite);
        newNames(outcomes, PersonRow::team, known.teams()).forEach(organisation::addTeam);
    }

    private static Set<String> newNames(
            List<RowOutcome> outcomes, Function<PersonRow, String> name, Map<String, Long> known) {
        Map<String, String> found = new LinkedHashMap<>();
        outcomes.stream()
                .filter(each -> each.state() == State.NEW || each.state() == State.CHANGED)
                .map(each -> name.apply(each.row()))
                .filter(each -> each != null && !known.containsKey(Known.key(each)))
                .forEach(each -> found.putIfAbsent(Known.key(each), each));
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

    private void change(RowOutcome outcome, LocalDate from, Known known, Map<String, Long> ids) {
        long id = outcome.known().id();
        if (outcome.details() != null) {
            people.change(id, outcome.details());
        }
        if (outcome.movesHireDate()) {
            hireDates.move(id, outcome.row().hired());
        }
        if (outcome.groups() != null) {
            moves.make(id, from, placing(outcome.groups(), known, ids), Map.of());
        }
        if (outcome.fte() != null) {
            employments.changeFte(id, from, outcome.fte());
        }
        if (outcome.week() != null) {
            employments.changeSchedule(id, from, outcome.week());
        }
        if (outcome.setsLastDay()) {
            people.leave(id, outcome.row().lastDay());
        }
    }

    private static Placing placing(Groups groups, Known known, Map<String, Long> ids) {
        return new Placing(
                known.sites().getOrDefault(Known.key(groups.site()), -1L),
                known.teams().getOrDefault(Known.key(groups.team()), -1L),
                groups.type(),
                known.payGroups().get(Known.key(groups.payGroup())),
                groups.approver() == null ? null : ids.get(groups.approver()));
    }

    /** How many enrolments begin and end by the file, policy by policy. */
    private List<PolicyCount> counts(List<RowOutcome> outcomes, Known known, LocalDate from) {
        Map<String, Long> ids = known.people().entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, each -> each.getValue().id()));
        List<Enrolments.Move> moved = outcomes.stream()
                .filter(each -> each.groups() != null)
                .map(each ->
                        new Enrolments.Move(each.known(), each.known().placing(), placing(each.groups(), known, ids)))
                .toList();
        Map<String, int[]> counts = new TreeMap<>();
        for (CoverageEffect effect : enrolments.effects(moved, from)) {
            int[] count = counts.computeIfAbsent(effect.policy(), unused -> new int[2]);
            if (effect.what() == What.BEGINS || effect.what() == What.GOES_ON) {
                count[0]++;
            } else if (effect.what() == What.ENDS || effect.what() == What.NEVER_BEGINS) {
                count[1]++;
            }
        }
        List<NewPerson> added = outcomes.stream()
                .filter(each -> each.state() == State.NEW)
                .map(RowOutcome::added)
                .toList();
        for (PolicyDetail policy : endings.policies().values()) {
            int covered = enrolments.wouldCover(policy, added);
            if (covered > 0) {
                counts.computeIfAbsent(policy.name(), unused -> new int[2])[0] += covered;
            }
        }
        return counts.entrySet().stream()
                .map(each -> new PolicyCount(each.getKey(), each.getValue()[0], each.getValue()[1]))
                .toList();
    }

    private static PeoplePreview preview(
            Read read, Known known, List<RowOutcome> outcomes, List<PolicyCount> enrolments, List<String> gaps) {
        Map<State, Long> states =
                outcomes.stream().collect(Collectors.groupingBy(RowOutcome::state, Collectors.counting()));
        List<RowView> shown = new ArrayList<>();
        for (State state : List.of(State.WRONG, State.CHANGED, State.NEW, State.SAME)) {
            outcomes.stream()
                    .filter(each -> each.state() == state)
                    .limit(MOST_SHOWN)
                    .map(PeopleImport::view)
                    .forEach(shown::add);
        }
        return new PeoplePreview(
                read.table().headings(),
                read.table().encoding(),
                read.columns().matches(),
                read.columns().shownOrder(),
                states.getOrDefault(State.NEW, 0L).intValue(),
                states.getOrDefault(State.CHANGED, 0L).intValue(),
                states.getOrDefault(State.SAME, 0L).intValue(),
                states.getOrDefault(State.WRONG, 0L).intValue(),
                List.copyOf(newNames(outcomes, PersonRow::site, known.sites())),
                List.copyOf(newNames(outcomes, PersonRow::team, known.teams())),
                enrolments,
                gaps,
                shown);
    }

    private static RowView view(RowOutcome outcome) {
        return new RowView(
                outcome.row().line(),
                outcome.row().code(),
                outcome.row().name() == null
                        ? Optional.ofNullable(outcome.known()).map(Person::name).orElse("")
                        : outcome.row().name(),
                PeoplePreview.RowState.valueOf(outcome.state().name()),
                outcome.says());
    }
}
