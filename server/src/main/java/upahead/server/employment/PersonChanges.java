package upahead.server.employment;

import java.time.LocalDate;
import java.util.Objects;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Changes of what a person has once: the details, the hire date and the last day. */
@Service
public class PersonChanges {

    private final People people;
    private final PersonStore store;
    private final EmploymentStore employments;
    private final LatePeople late;
    private final Audit audit;

    PersonChanges(People people, PersonStore store, EmploymentStore employments, LatePeople late, Audit audit) {
        this.people = people;
        this.store = store;
        this.employments = employments;
        this.late = late;
        this.audit = audit;
    }

    /**
     * Changes what does not depend on a date, if it is still as it was seen.
     *
     * @param seen the details that the change was made on
     * @throws Refusal if somebody else changed them meanwhile, or the code or clock code is taken
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void change(long personId, PersonDetails seen, PersonDetails details) {
        if (!people.get(personId).details().equals(seen)) {
            throw Refusal.conflict("Somebody else changed these details meanwhile. What you typed is still here; "
                    + "close and open them again to see theirs.");
        }
        change(personId, details);
    }

    /**
     * Changes what does not depend on a date.
     *
     * @throws Refusal if the code or clock code is taken, or the name was removed
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void change(long personId, PersonDetails details) {
        Person before = named(personId);
        if (store.codeIsTaken(details.code(), personId)) {
            throw Refusal.of("code", "The code " + details.code() + " is taken already.");
        }
        if (details.clockCode() != null && store.clockCodeIsTaken(details.clockCode(), personId)) {
            throw Refusal.of("clockCode", "Somebody else has this clock code; please choose another.");
        }
        store.change(personId, details);
        if (!before.serviceFrom().equals(details.serviceFrom())) {
            late.note(personId, before.hired(), "Service date changed to " + Words.fullDay(details.serviceFrom()));
        }
        audit.record(Thing.PERSON, personId, "changed details", before.details(), details);
    }

    /**
     * Sets the last day of employment, or takes it back where that is null.
     *
     * @throws Refusal if it is before the hire date, or somebody came back after it
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void leave(long personId, LocalDate lastDay) {
        Person before = named(personId);
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
        late.note(personId, concerned, lastDay == null ? "Last day taken back" : "Last day set");
        audit.record(Thing.PERSON, personId, "changed the last day", before.lastDay(), lastDay);
    }

    /**
     * Moves the hire date, and with it the schedule, full-time equivalent and service date that began on the old one.
     *
     * @throws Refusal if the new date is after the last day
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void moveHireDate(long personId, LocalDate to) {
        Person before = named(personId);
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

    /**
     * Notes that somebody has no name from a day on; the words themselves are removed by whoever calls.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void setNameless(long personId, LocalDate since) {
        store.setNameless(personId, since);
    }

    private Person named(long personId) {
        Person person = people.get(personId);
        person.requireName();
        return person;
    }
}
