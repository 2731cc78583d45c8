package upahead.server.enrolment;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Exceptions: one-off deals, each with a reason and an author. */
@Service
public class Exceptions {

    private final ExceptionStore store;
    private final Audit audit;
    private final LateChanges changes;
    private final CurrentUser user;

    Exceptions(ExceptionStore store, Audit audit, LateChanges changes, CurrentUser user) {
        this.store = store;
        this.audit = audit;
        this.changes = changes;
        this.user = user;
    }

    /**
     * Makes an exception.
     *
     * @param to the last day, null while no end is set
     * @throws Refusal if it ends before it begins, replaces nothing or has no reason
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void make(long personId, long policyId, LocalDate from, LocalDate to, OwnFigures figures, String reason) {
        if (reason.isBlank()) {
            throw Refusal.of("reason", "Please say why.");
        }
        PersonException exception = new PersonException(
                0,
                personId,
                policyId,
                from,
                to,
                figures,
                reason.strip(),
                user.get().name());
        exception.terms();
        store.add(exception);
        changes.note(
                personId,
                policyId,
                from,
                "Exception from " + Words.fullDay(from) + " made by "
                        + user.get().name() + ": " + reason.strip(),
                Subject.PERSON,
                personId);
        audit.record(Thing.PERSON, personId, "made an exception", null, exception);
    }

    /**
     * Ends an exception on a day.
     *
     * @throws Refusal if there is no such exception of this person, or it would end before it begins
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void end(long personId, long id, LocalDate to) {
        PersonException before = get(personId, id);
        before.figures().on(before.from(), to);
        store.setEnd(id, to);
        LocalDate concerned = before.to() == null ? to : DateSpan.earlier(before.to(), to);
        note(before, concerned.plusDays(1), "ends on " + Words.fullDay(to));
        audit.record(Thing.PERSON, personId, "ended an exception", before, to);
    }

    /** Takes an exception back, as if it had never been made. */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void takeBack(long personId, long id) {
        PersonException before = get(personId, id);
        store.remove(id);
        note(before, before.from(), "taken back");
        audit.record(Thing.PERSON, personId, "took back an exception", before, null);
    }

    private PersonException get(long personId, long id) {
        return store.find(id)
                .filter(exception -> exception.personId() == personId)
                .orElseThrow(() -> Refusal.notFound("exception"));
    }

    private void note(PersonException exception, LocalDate from, String what) {
        changes.note(
                exception.personId(),
                exception.policyId(),
                from,
                "Exception from " + Words.fullDay(exception.from()) + " " + what + ", by "
                        + user.get().name(),
                Subject.PERSON,
                exception.personId());
    }

    /** The exceptions of some people, in the order in which they were made. */
    @Transactional(readOnly = true)
    public List<PersonException> of(Collection<Long> people) {
        return store.of(people);
    }
}
