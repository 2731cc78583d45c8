package upahead.server.enrolment;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.policy.EndBalance;
import upahead.core.policy.Enrolment;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Ends enrolments, says what becomes of what is left, and takes such an end back. */
@Service
public class EnrolmentEnds {

    private final EnrolmentStore store;
    private final Policies policies;
    private final LateChanges changes;
    private final Audit audit;

    EnrolmentEnds(EnrolmentStore store, Policies policies, LateChanges changes, Audit audit) {
        this.store = store;
        this.policies = policies;
        this.changes = changes;
        this.audit = audit;
    }

    /**
     * Ends somebody's enrolment by hand.
     *
     * @throws Refusal if somebody is not enrolled, the end is before the beginning, or the balance cannot go on where it
     *     is said to
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void end(long personId, long policyId, LocalDate on, Ending ending) {
        Map<Long, PolicyDetail> byId =
                policies.all().stream().collect(Collectors.toMap(PolicyDetail::id, Function.identity()));
        end(personId, byId, policyId, on, ending);
    }

    void end(long personId, Map<Long, PolicyDetail> byId, long policyId, LocalDate on, Ending ending) {
        Map<Long, Enrolled> own =
                store.of(List.of(personId)).stream().collect(Collectors.toMap(Enrolled::policyId, Function.identity()));
        Enrolled enrolled = Optional.ofNullable(own.get(policyId))
                .orElseThrow(() -> Refusal.of("policyId", "This person is not enrolled in this policy."));
        if (on.isBefore(enrolled.enrolment().from())) {
            throw Refusal.of(
                    "on",
                    "The enrolment begins on "
                            + Words.fullDay(enrolled.enrolment().from()) + ".");
        }
        PolicyDetail policy = byId.get(policyId);
        Long movedTo = ending.movedTo();
        if ((ending.balance() == EndBalance.MOVE) != (movedTo != null)
                || (movedTo != null && (movedTo == policyId || byId.get(movedTo).unit() != policy.unit()))) {
            throw Refusal.of("movedTo", "The balance can go on in another policy of the same unit.");
        }
        if (movedTo != null && !own.containsKey(movedTo)) {
            throw Refusal.of("movedTo", "The balance can go on only where the person is enrolled.");
        }
        Enrolment.End end = new Enrolment.End(on, ending.balance());
        store.end(personId, policyId, end, movedTo);
        noteLate(personId, on, "Enrolment in " + policy.name() + " ended on " + Words.fullDay(on));
        audit.record(Thing.PERSON, personId, "ended the enrolment in " + policy.name(), enrolled.enrolment(), end);
    }

    /** Takes back the end of an enrolment: it goes on as if it had not ended. */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void takeBack(long personId, long policyId) {
        Enrolled enrolled = store.of(List.of(personId)).stream()
                .filter(each -> each.policyId() == policyId && !each.isOpen())
                .findFirst()
                .orElseThrow(() -> Refusal.of("policyId", "This enrolment has no end to take back."));
        PolicyDetail policy = policies.all().stream()
                .filter(each -> each.id() == policyId)
                .findFirst()
                .orElseThrow();
        reopen(personId, policy, enrolled.enrolment().ends().orElseThrow().on().plusDays(1));
    }

    void reopen(long personId, PolicyDetail policy, LocalDate from) {
        store.reopen(personId, policy.id());
        noteLate(personId, from, "Enrolment in " + policy.name() + " goes on from " + Words.fullDay(from));
        audit.record(Thing.PERSON, personId, "took back the end of the enrolment in " + policy.name(), from, null);
    }

    private void noteLate(long personId, LocalDate from, String what) {
        changes.note(personId, null, from, what, Subject.PERSON, personId);
    }
}
