package upahead.server.employment;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.EmploymentHistory.FteFrom;
import upahead.server.employment.EmploymentHistory.ScheduleFrom;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** People who come, come back, or were entered by mistake. */
@Service
public class Hiring {

    private static final int FURTHEST_HIRE_MONTHS = 18;

    private final People people;
    private final PersonStore store;
    private final PlacementStore placements;
    private final EmploymentStore employments;
    private final ApproverCircles circles;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;
    private final MovableClock clock;

    Hiring(
            People people,
            PersonStore store,
            PlacementStore placements,
            EmploymentStore employments,
            ApproverCircles circles,
            LateChanges changes,
            Audit audit,
            CurrentUser user,
            MovableClock clock) {
        this.people = people;
        this.store = store;
        this.placements = placements;
        this.employments = employments;
        this.circles = circles;
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
    @May(Permission.KEEP_PEOPLE)
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
    @May(Permission.KEEP_PEOPLE)
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
            schedules.put(id, new ScheduleFrom(person.hired(), person.week(), List.of()));
            ftes.put(id, new FteFrom(person.hired(), person.fte()));
            added.put(id, new Audit.Change(null, person));
        }
        placements.add(placed);
        employments.addSchedules(schedules);
        employments.addFtes(ftes);
        List<Long> addedIds = List.copyOf(added.keySet());
        circles.refuse(addedIds, clock.today());
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

    /**
     * Lets somebody who left come back, as a new employment that knows the earlier one.
     *
     * @throws Refusal if they have not left by then, or came back already
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public long comeBack(long personId, NewPerson again) {
        Person before = people.get(personId);
        before.requireName();
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

    /** Removes somebody; the database refuses while something hangs on them. */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void remove(long personId) {
        Person before = people.get(personId);
        employments.removeOf(personId);
        store.remove(personId);
        audit.record(
                Thing.PERSON,
                personId,
                "removed somebody entered by mistake",
                before.code() + " " + before.name(),
                null);
    }
}
