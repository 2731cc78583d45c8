package upahead.server.staffing;

import java.time.LocalDate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.PersonChanges;
import upahead.server.enrolment.Enrolling;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Moves a hire date, and with it the enrolments that began with it. */
@Service
public class HireDates {

    private final People people;
    private final PersonChanges personChanges;
    private final Enrolling enrolling;
    private final LateChanges changes;
    private final CurrentUser user;

    HireDates(People people, PersonChanges personChanges, Enrolling enrolling, LateChanges changes, CurrentUser user) {
        this.people = people;
        this.personChanges = personChanges;
        this.enrolling = enrolling;
        this.changes = changes;
        this.user = user;
    }

    /**
     * Moves somebody's hire date. Schedule, full-time equivalent, service date and enrolments that began on the old one
     * begin on the new one, an enrolment not before the first version of its policy.
     *
     * @throws Refusal if the new date is after the last day
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public Person move(long personId, LocalDate to) {
        Person before = people.get(personId);
        if (before.hired().equals(to)) {
            return before;
        }
        personChanges.moveHireDate(personId, to);
        enrolling.followHireDate(personId, before.hired(), to);
        changes.note(
                personId,
                null,
                DateSpan.earlier(before.hired(), to),
                "Hire date moved from " + Words.day(before.hired()) + " to " + Words.day(to) + " by "
                        + user.get().name(),
                Subject.PERSON,
                personId);
        return people.get(personId);
    }
}
