package upahead.server.facts.adjustments;

import jakarta.annotation.Nullable;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.facts.Adjustment;
import upahead.server.employment.People;
import upahead.server.enrolment.Enrolments;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.Sight;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Adjustments of balances: signed amounts on a day, each with its reason. */
@Service
public class Adjustments {

    private final AdjustmentStore store;
    private final People people;
    private final Policies policies;
    private final Enrolments enrolments;
    private final Sight sight;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;

    Adjustments(
            AdjustmentStore store,
            People people,
            Policies policies,
            Enrolments enrolments,
            Sight sight,
            LateChanges changes,
            Audit audit,
            CurrentUser user) {
        this.store = store;
        this.people = people;
        this.policies = policies;
        this.enrolments = enrolments;
        this.sight = sight;
        this.changes = changes;
        this.audit = audit;
        this.user = user;
    }

    /** All adjustments of some people, by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, List<AdjustmentFact>> byPerson(Collection<Long> personIds) {
        return store.of(personIds);
    }

    /**
     * Adjusts a balance and tells the id of the adjustment.
     *
     * @throws Refusal if the person is not enrolled in the policy, or the amount is 0 or has more than ten decimals
     */
    @Transactional
    @May(Permission.ADJUST_BALANCES)
    public long adjust(long personId, long policyId, Adjustment adjustment) {
        AdjustmentChecks.faultOf(adjustment.amount()).ifPresent(fault -> {
            throw Refusal.of("amount", fault);
        });
        sight.require(adjustment.on());
        return write(personId, enrolledIn(personId, policyId), adjustment, null);
    }

    /**
     * Writes an adjustment that was looked at, and tells its id.
     *
     * @param togetherId with which others it is made, null where it is alone
     */
    long write(long personId, PolicyDetail policy, Adjustment adjustment, @Nullable Long togetherId) {
        note(personId, policy.id(), adjustment, "Adjusted on ");
        long id = store.add(personId, policy.id(), adjustment, user.get().name(), togetherId);
        audit.record(Thing.PERSON, personId, "adjusted the balance of " + policy.name(), null, adjustment);
        return id;
    }

    /**
     * Takes an adjustment back as if it had never been; where it was closed, the next run posts the difference.
     *
     * @throws Refusal if there is no such adjustment
     */
    @Transactional
    @May(Permission.ADJUST_BALANCES)
    public void remove(long id) {
        AdjustmentFact fact = store.find(id).orElseThrow(() -> Refusal.notFound("adjustment"));
        note(fact.personId(), fact.policyId(), fact.adjustment(), "Taken back what was adjusted on ");
        store.remove(id);
        String policy = policies.get(fact.policyId()).name();
        audit.record(Thing.PERSON, fact.personId(), "took back an adjustment of " + policy, fact.adjustment(), null);
    }

    private void note(long personId, long policyId, Adjustment adjustment, String what) {
        changes.note(
                personId,
                policyId,
                adjustment.on(),
                what + Words.day(adjustment.on()) + " by " + user.get().name() + ": " + adjustment.reason(),
                Subject.BALANCE,
                policyId);
    }

    private PolicyDetail enrolledIn(long personId, long policyId) {
        boolean enrolled = enrolments.of(List.of(personId)).stream().anyMatch(each -> each.policyId() == policyId);
        if (!enrolled) {
            throw Refusal.of("policyId", people.get(personId).name() + " is not enrolled in this policy.");
        }
        PolicyDetail policy = policies.get(policyId);
        policy.requireBalance();
        return policy;
    }
}
