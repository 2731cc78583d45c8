package upahead.server.people;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.access.CurrentUser;
import upahead.server.audit.Audit;
import upahead.server.changes.LateChange.Subject;
import upahead.server.changes.LateChanges;
import upahead.server.problems.Refusal;
import upahead.server.words.Words;

/** The people, for other features. What a signed-in person may see of them is decided by the services that ask. */
@Service
public class People {

    private static final int WEEKDAYS = 7;

    private final PersonStore store;
    private final EmploymentStore employments;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;

    People(PersonStore store, EmploymentStore employments, LateChanges changes, Audit audit, CurrentUser user) {
        this.store = store;
        this.employments = employments;
        this.changes = changes;
        this.audit = audit;
        this.user = user;
    }

    /**
     * Adds somebody, with a schedule and a full-time equivalent from the hire date on.
     *
     * @throws Refusal if the last day is before the hire date or the week has not seven days
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public long add(NewPerson person) {
        if (person.lastDay() != null && person.lastDay().isBefore(person.hired())) {
            throw Refusal.of("lastDay", "The last day is before the hire date.");
        }
        if (person.week().size() != WEEKDAYS) {
            throw Refusal.of("week", "A week has seven days.");
        }
        long id = store.add(person);
        employments.addSchedule(id, person.hired(), person.week());
        employments.addFte(id, person.hired(), person.fte());
        audit.record("person", id, "added a person", null, person);
        return id;
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
            throw Refusal.of("hired", "The hire date is after the last day, " + Words.day(before.lastDay()) + ".");
        }
        if (employments.beginsBetween(personId, before.hired(), to)) {
            throw Refusal.of("hired", "A schedule or FTE begins before " + Words.day(to) + "; change that first.");
        }
        store.moveHireDate(personId, before.hired(), to);
        employments.moveBeginning(personId, before.hired(), to);
        audit.record("person", personId, "moved the hire date", before.hired(), to);
    }

    /**
     * Changes the full-time equivalent from a date on.
     *
     * @throws Refusal if it is below zero or the date is before the hire date
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void changeFte(long personId, LocalDate from, Amount fte) {
        requireEmployed(personId, from);
        if (fte.isNegative()) {
            throw Refusal.of("fte", "The full-time equivalent must be at least 0.");
        }
        employments.addFte(personId, from, fte);
        noteLate(personId, from, "FTE changed to " + fte);
        audit.record("person", personId, "changed the FTE from " + from, null, fte);
    }

    /**
     * Changes the weekly schedule from a date on.
     *
     * @param week scheduled hours from Monday to Sunday
     * @throws Refusal if the week has not seven days or the date is before the hire date
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void changeSchedule(long personId, LocalDate from, List<Amount> week) {
        requireEmployed(personId, from);
        if (week.size() != WEEKDAYS) {
            throw Refusal.of("week", "A week has seven days.");
        }
        employments.addSchedule(personId, from, week);
        noteLate(personId, from, "Schedule changed");
        audit.record("person", personId, "changed the schedule from " + from, null, week);
    }

    /**
     * Sets a pause in which nothing is earned by time and nothing is scheduled.
     *
     * @throws Refusal if it begins before the hire date
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void pause(long personId, DateSpan days, String reason) {
        requireEmployed(personId, days.first());
        employments.addPause(personId, days, reason);
        noteLate(personId, days.first(), "Pause set (" + reason + ")");
        audit.record("person", personId, "set a pause", null, days + ", " + reason);
    }

    private void requireEmployed(long personId, LocalDate from) {
        if (from.isBefore(get(personId).hired())) {
            throw Refusal.of("from", "That is before the hire date.");
        }
    }

    private void noteLate(long personId, LocalDate from, String what) {
        String sentence =
                what + " from " + Words.day(from) + " by " + user.get().name();
        changes.note(personId, null, from, sentence, Subject.PERSON, personId);
    }

    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void assignApprover(long personId, long approverId) {
        Person before = get(personId);
        store.setApprover(personId, approverId);
        audit.record("person", personId, "changed the approver", before.approverId(), approverId);
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
