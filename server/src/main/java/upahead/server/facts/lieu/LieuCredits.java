package upahead.server.facts.lieu;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.facts.Adjustment;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.facts.adjustments.Adjustments;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Puts extra hours into time in lieu: they are not paid, and the balance of a policy is adjusted at its rate. */
@Service
public class LieuCredits {

    private final LieuStore store;
    private final Adjustments adjustments;
    private final Policies policies;
    private final CurrentUser user;
    private final MovableClock clock;

    LieuCredits(LieuStore store, Adjustments adjustments, Policies policies, CurrentUser user, MovableClock clock) {
        this.store = store;
        this.adjustments = adjustments;
        this.policies = policies;
        this.user = user;
        this.clock = clock;
    }

    /** The credits of some people that are dated within some days, in the order in which they were made. */
    @Transactional(readOnly = true)
    public List<LieuCredit> of(Collection<Long> people, DateSpan days) {
        return store.of(people, days);
    }

    /** The hours by kind that are not paid since they became time in lieu, by the people's ids. */
    @Transactional(readOnly = true)
    public Map<Long, Map<String, Amount>> hours(Collection<Long> people, DateSpan days) {
        Map<Long, Map<String, Amount>> hours = new HashMap<>();
        of(people, days).forEach(credit -> hours.computeIfAbsent(credit.personId(), unused -> new HashMap<>())
                .merge(credit.kind(), credit.hours(), Amount::plus));
        return hours;
    }

    /**
     * Credits time for extra hours at the rate of a policy.
     *
     * @param kind of hours
     * @param hours above 0
     * @param on the day it is credited on
     * @throws Refusal if the policy takes no extra hours, or the person is not enrolled in it
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void credit(long personId, long policyId, String kind, Amount hours, LocalDate on) {
        PolicyDetail policy = policies.get(policyId);
        Amount rate = policy.rules().lieuRate();
        if (rate == null || policy.unit() != Unit.HOURS) {
            throw Refusal.of("policyId", policy.name() + " takes no extra hours: its rules give no rate for them.");
        }
        LieuCredit credit = new LieuCredit(
                0, personId, policyId, kind, on, hours, rate, user.get().name(), clock.now());
        long adjustment = adjustments.adjust(
                personId,
                policyId,
                new Adjustment(on, credit.credited(), hours + " " + kind + " hours, " + rate + " for 1"));
        store.add(credit, adjustment);
    }

    /**
     * Takes a credit back: the hours are paid, and the balance is as it was.
     *
     * @throws Refusal if there is no such credit
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void takeBack(long id) {
        LieuStore.Kept kept = store.find(id).orElseThrow(() -> Refusal.notFound("credit of time in lieu"));
        store.remove(id);
        adjustments.remove(kept.adjustmentId());
    }
}
