package upahead.server.people;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.people.Employment;
import upahead.server.access.CurrentUser;
import upahead.server.audit.Audit;
import upahead.server.audit.Thing;
import upahead.server.changes.LateChange.Subject;
import upahead.server.changes.LateChanges;
import upahead.server.clock.MovableClock;
import upahead.server.people.EmploymentHistory.FteFrom;
import upahead.server.people.EmploymentHistory.ScheduleFrom;
import upahead.server.problems.Refusal;
import upahead.server.words.Words;

/** The people, for other features. What a signed-in person may see of them is decided by the services that ask. */
@Service
public class People {

    private static final int FURTHEST_HIRE_MONTHS = 18;

    private final PersonStore store;
    private final PlacementStore placements;
    private final EmploymentStore employments;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;
    private final MovableClock clock;

    People(
            PersonStore store,
            PlacementStore placements,
            EmploymentStore employments,
            LateChanges changes,
            Audit audit,
            CurrentUser user,
            MovableClock clock) {
        this.store = store;
        this.placements = placements;
        this.employments = employments;
        this.changes = changes;
        this.audit = audit;
        this.user = user;
        this.clock = clock;
    }

    /**
     * Adds somebody, with a schedule and a full-time equivalent from the hire date on.
     *
     * @throws Refusal if the code is taken, the last day is before the hire date, the hire date is far ahead, or the week
     *     has not seven days or no hours
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public long add(NewPerson person) {
        return addAll(List.of(person), Map.of()).get(0);
    }

    /**
     * Adds people, all or none of them.
     *
     * @param approvers the codes of those who decide for people, by the codes of these; they may be among the new ones
     * @return their ids, in the order of the people
     * @throws Refusal as {@link #add(NewPerson)} does, or if people would decide for each other in a circle
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<Long> addAll(List<NewPerson> people, Map<String, String> approvers) {
        Map<String, Long> before = store.idsByCode();
        Set<String> codes = new HashSet<>(before.keySet());
        for (NewPerson person : people) {
            if (person.clockCode() != null && store.clockCodeIsTaken(person.clockCode(), 0)) {
                throw Refusal.of("clockCode", "Somebody else has the clock code " + person.clockCode() + ".");
            }
            if (!codes.add(person.code().toUpperCase(Locale.ROOT))) {
                throw Refusal.of("code", "The code " + person.code() + " is taken already.");
            }
            requireSensible(person);
        }
        store.add(people);
        Map<String, Long> ids = store.idsByCode();
        List<Placement> placed = new ArrayList<>();
        Map<Long, ScheduleFrom> schedules = new LinkedHashMap<>();
        Map<Long, FteFrom> ftes = new LinkedHashMap<>();
        Map<Long, Audit.Change> added = new LinkedHashMap<>();
        for (NewPerson person : people) {
            long id = ids.get(person.code().toUpperCase(Locale.ROOT));
            String approver = approvers.get(person.code());
            Long approverId = approver == null ? person.approverId() : ids.get(approver.toUpperCase(Locale.ROOT));
            placed.add(new Placement(
                    id,
                    Placement.ALWAYS,
                    Placement.FOR_EVER,
                    new Placing(
                            person.siteId(),
                            person.teamId(),
                            person.employmentType(),
                            person.payGroupId(),
                            approverId)));
            schedules.put(id, new ScheduleFrom(person.hired(), person.week()));
            ftes.put(id, new FteFrom(person.hired(), person.fte()));
            added.put(id, new Audit.Change(null, person));
        }
        placements.add(placed);
        employments.addSchedules(schedules);
        employments.addFtes(ftes);
        List<Long> addedIds = List.copyOf(added.keySet());
        requireNoCircle(addedIds, clock.today());
        changes.noteAll(
                people.stream()
                        .collect(Collectors.toMap(
                                person -> ids.get(person.code().toUpperCase(Locale.ROOT)), NewPerson::hired)),
                hired -> "Added on " + Words.fullDay(clock.today()) + " as employed from " + Words.fullDay(hired)
                        + " on by " + user.get().name());
        audit.recordAll(Thing.PERSON, "added a person", added);
        return addedIds;
    }

    private void requireSensible(NewPerson person) {
        if (person.lastDay() != null && person.lastDay().isBefore(person.hired())) {
            throw Refusal.of("lastDay", "The last day is before the hire date.");
        }
        if (person.hired().isAfter(clock.today().plusMonths(FURTHEST_HIRE_MONTHS))) {
            throw Refusal.of("hired", "The hire date is more than " + FURTHEST_HIRE_MONTHS + " months ahead.");
        }
        ScheduleRules.requireWeek(person.week());
        ScheduleRules.requireFte(person.fte());
    }

    /** Nobody may, over others or directly, decide for whoever decides for them. */
    private void requireNoCircle(Collection<Long> changed, LocalDate on) {
        ApproverChains<Long> chains = new ApproverChains<>(placements.approvers(on));
        for (long personId : changed) {
            chains.circle(personId).ifPresent(circle -> {
                throw Refusal.of(
                        "approverId",
                        "These would decide for each other in a circle: "
                                + circle.stream().map(id -> get(id).name()).collect(Collectors.joining(", then "))
                                + ".");
            });
        }
    }

    /**
     * Changes where somebody works, how, with whom they are paid or who decides for them, from a day on.
     *
     * @throws Refusal if people would decide for each other in a circle
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void place(long personId, LocalDate from, Placing placing) {
        Placing before = placing(personId, from);
        if (before.equals(placing)) {
            throw Refusal.of("from", "That is how it is on " + Words.fullDay(from) + " already; nothing would change.");
        }
        placements.change(personId, from, placing);
        requireNoCircle(List.of(personId), from);
        if (before.siteId() != placing.siteId()) {
            noteLate(personId, from, "Site changed");
        }
        audit.record(Thing.PERSON, personId, "changed where they work from " + Words.fullDay(from), before, placing);
    }

    /**
     * Takes back a change of where somebody works: what held before goes on.
     *
     * @throws Refusal if nothing changed on that day
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void takeBackPlacement(long personId, LocalDate from) {
        List<Placement> stretches = placements.of(List.of(personId));
        for (int at = 1; at < stretches.size(); at++) {
            Placement removed = stretches.get(at);
            if (removed.starts().equals(from)) {
                placements.remove(stretches.get(at - 1), removed);
                noteLate(personId, from, "Change of where they work taken back");
                audit.record(
                        Thing.PERSON,
                        personId,
                        "took back the change from " + Words.fullDay(from),
                        removed.placing(),
                        stretches.get(at - 1).placing());
                return;
            }
        }
        throw Refusal.notFound("change on that day");
    }

    /** Where somebody works on a day. */
    @Transactional(readOnly = true)
    public Placing placing(long personId, LocalDate on) {
        return placements.of(List.of(personId)).stream()
                .filter(stretch -> stretch.days().contains(on))
                .map(Placement::placing)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("person"));
    }

    /** Where some people work, by their ids, in order of time. */
    @Transactional(readOnly = true)
    public Map<Long, List<Placement>> placements(Collection<Long> people) {
        return placements.of(people).stream().collect(Collectors.groupingBy(Placement::personId));
    }

    /**
     * Changes what does not depend on a date, if it is still as it was seen.
     *
     * @param seen the details that the change was made on
     * @throws Refusal if somebody else changed them meanwhile, or the code or clock code is taken
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void change(long personId, PersonDetails seen, PersonDetails details) {
        if (!get(personId).details().equals(seen)) {
            throw Refusal.conflict("Somebody else changed these details meanwhile. What you typed is still here; "
                    + "close and open them again to see theirs.");
        }
        change(personId, details);
    }

    /**
     * Changes what does not depend on a date.
     *
     * @throws Refusal if the code or clock code is taken
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void change(long personId, PersonDetails details) {
        Person before = get(personId);
        if (store.codeIsTaken(details.code(), personId)) {
            throw Refusal.of("code", "The code " + details.code() + " is taken already.");
        }
        if (details.clockCode() != null && store.clockCodeIsTaken(details.clockCode(), personId)) {
            throw Refusal.of("clockCode", "Somebody else has this clock code; please choose another.");
        }
        store.change(personId, details);
        if (!before.serviceFrom().equals(details.serviceFrom())) {
            noteLate(personId, before.hired(), "Service date changed to " + Words.fullDay(details.serviceFrom()));
        }
        audit.record(Thing.PERSON, personId, "changed details", before.details(), details);
    }

    /** Removes somebody; the database refuses while something hangs on them. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void remove(long personId) {
        Person before = get(personId);
        employments.removeOf(personId);
        store.remove(personId);
        audit.record(
                Thing.PERSON,
                personId,
                "removed somebody entered by mistake",
                before.code() + " " + before.name(),
                null);
    }

    /**
     * Sets the last day of employment, or takes it back where that is null.
     *
     * @throws Refusal if it is before the hire date, or somebody came back after it
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void leave(long personId, LocalDate lastDay) {
        Person before = get(personId);
        if (lastDay != null && lastDay.isBefore(before.hired())) {
            throw Refusal.of("lastDay", "The last day is before the hire date, " + Words.fullDay(before.hired()) + ".");
        }
        if (store.later(personId).isPresent()) {
            throw Refusal.of("lastDay", "This person has come back since; the earlier employment stays as it was.");
        }
        store.setLastDay(personId, lastDay);
        LocalDate concerned = Stream.of(before.lastDay(), lastDay)
                .filter(Objects::nonNull)
                .min(LocalDate::compareTo)
                .orElse(before.hired());
        noteLate(personId, concerned, lastDay == null ? "Last day taken back" : "Last day set");
        audit.record(Thing.PERSON, personId, "changed the last day", before.lastDay(), lastDay);
    }

    /**
     * Lets somebody who left come back, as a new employment that knows the earlier one.
     *
     * @throws Refusal if they have not left by then, or came back already
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public long comeBack(long personId, NewPerson again) {
        Person before = get(personId);
        if (before.lastDay() == null || !before.lastDay().isBefore(again.hired())) {
            throw Refusal.of("hired", "They come back after their last day. Set that first, or take it back instead.");
        }
        if (store.later(personId).isPresent()) {
            throw Refusal.of("hired", "They have come back already.");
        }
        long id = add(again);
        store.setEarlier(id, personId);
        return id;
    }

    /** The employment that followed this one, if somebody came back. */
    @Transactional(readOnly = true)
    public Optional<Long> later(long personId) {
        return store.later(personId);
    }

    /** The ids of all people by their codes, in capitals. */
    @Transactional(readOnly = true)
    public Map<String, Long> idsByCode() {
        return store.idsByCode();
    }

    /**
     * Moves the hire date, and with it the schedule, full-time equivalent and service date that began on the old one.
     *
     * @throws Refusal if the new date is after the last day
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void moveHireDate(long personId, LocalDate to) {
        Person before = get(personId);
        if (before.lastDay() != null && before.lastDay().isBefore(to)) {
            throw Refusal.of("hired", "The hire date is after the last day, " + Words.fullDay(before.lastDay()) + ".");
        }
        if (employments.beginsBetween(personId, before.hired(), to)) {
            throw Refusal.of("hired", "A schedule or FTE begins before " + Words.fullDay(to) + "; change that first.");
        }
        store.moveHireDate(personId, before.hired(), to);
        employments.moveBeginning(personId, before.hired(), to);
        audit.record(Thing.PERSON, personId, "moved the hire date", before.hired(), to);
    }

    private void noteLate(long personId, LocalDate from, String what) {
        String sentence =
                what + " from " + Words.fullDay(from) + " by " + user.get().name();
        changes.note(personId, null, from, sentence, Subject.PERSON, personId);
    }

    /**
     * @throws Refusal if there is no such person
     */
    @Transactional(readOnly = true)
    public Person get(long id) {
        return store.find(id).orElseThrow(() -> Refusal.notFound("person"));
    }

    @Transactional(readOnly = true)
    public List<Person> get(Collection<Long> ids) {
        return store.find(ids);
    }

    /** Where everybody works on a day, whether employed then or not, by name. */
    @Transactional(readOnly = true)
    public List<Whereabouts> whereabouts(LocalDate on) {
        return store.whereabouts(on);
    }

    @Transactional(readOnly = true)
    public List<Person> search(PeopleQuery query) {
        return store.search(query);
    }

    @Transactional(readOnly = true)
    public int count(PeopleQuery query) {
        return store.count(query);
    }

    /** The employments of some people by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, Employment> employments(Collection<Long> ids) {
        return employments.employments(ids);
    }
}
