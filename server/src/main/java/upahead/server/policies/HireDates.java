package upahead.server.policies;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.access.CurrentUser;
import upahead.server.changes.LateChange.Subject;
import upahead.server.changes.LateChanges;
import upahead.server.people.People;
import upahead.server.people.Person;
import upahead.server.problems.Refusal;
import upahead.server.words.Words;

/** Moves a hire date, and with it the enrolments that began with it. */
@Service
public class HireDates {

    private final People people;
    private final EnrolmentStore enrolments;
    private final PolicyStore policies;
    private final LateChanges changes;
    private final CurrentUser user;

    HireDates(People people, EnrolmentStore enrolments, PolicyStore policies, LateChanges changes, CurrentUser user) {
        this.people = people;
        this.enrolments = enrolments;
        this.policies = policies;
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
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public Person move(long personId, LocalDate to) {
        Person before = people.get(personId);
        if (before.hired().equals(to)) {
            return before;
        }
        people.moveHireDate(personId, to);
        List<PolicyDetail> all = policies.all();
        for (Enrolled enrolled : enrolments.of(List.of(personId))) {
            if (enrolled.enrolment().from().equals(before.hired())) {
                enrolments.move(
                        personId, enrolled.policyId(), DateSpan.later(to, firstVersion(all, enrolled.policyId(), to)));
            }
        }
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

    private static LocalDate firstVersion(List<PolicyDetail> all, long policyId, LocalDate otherwise) {
        return all.stream()
                .filter(policy -> policy.id() == policyId)
                .flatMap(policy -> policy.versions().stream())
                .filter(version -> version.state() == VersionState.IN_FORCE)
                .map(PolicyVersion::starts)
                .min(Comparator.naturalOrder())
                .orElse(otherwise);
    }
}
