package upahead.server.facts.adjustments;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.enrolment.Enrolments;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.clock.Sight;
import upahead.server.platform.files.Progress;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Many adjustments in one go: all of them or none, and taken back in one go. */
@Service
public class AdjustmentsTogether {

    private static final int TOLD_EVERY = 500;

    private final Adjustments adjustments;
    private final TogetherStore store;
    private final People people;
    private final Policies policies;
    private final Enrolments enrolments;
    private final Sight sight;
    private final CurrentUser user;
    private final MovableClock clock;
    private final Progress progress;

    AdjustmentsTogether(
            Adjustments adjustments,
            TogetherStore store,
            People people,
            Policies policies,
            Enrolments enrolments,
            Sight sight,
            CurrentUser user,
            MovableClock clock,
            Progress progress) {
        this.adjustments = adjustments;
        this.store = store;
        this.people = people;
        this.policies = policies;
        this.enrolments = enrolments;
        this.sight = sight;
        this.user = user;
        this.clock = clock;
        this.progress = progress;
    }

    /** The newest first. */
    @Transactional(readOnly = true)
    @May(Permission.ADJUST_BALANCES)
    public List<Together> all() {
        return store.all();
    }

    /** Looks at adjustments beside what is known of their people and policies. */
    @Transactional(readOnly = true)
    @May(Permission.ADJUST_BALANCES)
    public AdjustmentChecks checks(List<AdjustmentRow> rows) {
        List<Long> ids = rows.stream().map(AdjustmentRow::personId).distinct().toList();
        return new AdjustmentChecks(people.get(ids), policies.all(), enrolments.of(ids));
    }

    /**
     * Makes them.
     *
     * @param what they are, in words
     * @throws Refusal if one of them cannot be made
     */
    @Transactional
    @May(Permission.ADJUST_BALANCES)
    public Together make(List<AdjustmentRow> rows, String what) {
        AdjustmentChecks checks = checks(rows);
        for (int at = 0; at < rows.size(); at++) {
            AdjustmentRow row = rows.get(at);
            sight.require(row.on());
            String place = "Row " + (at + 1) + ": ";
            checks.fault(row).ifPresent(fault -> {
                throw Refusal.of("rows", place + fault);
            });
        }
        long id = store.add(clock.now(), user.get().name(), what.strip(), rows.size());
        Map<Long, PolicyDetail> byId = new HashMap<>(policies.byId());
        for (int at = 0; at < rows.size(); at++) {
            AdjustmentRow row = rows.get(at);
            adjustments.write(row.personId(), byId.get(row.policyId()), row.adjustment(), id);
            if (at % TOLD_EVERY == 0) {
                progress.tell("Adjusting balances", at, rows.size());
            }
        }
        return store.find(id).orElseThrow();
    }

    /**
     * Takes all of them back, as if they had never been; where they were closed, the next run posts the differences.
     *
     * @throws Refusal if there are none of that id, or they were taken back already
     */
    @Transactional
    @May(Permission.ADJUST_BALANCES)
    public List<Together> undo(long id, String because) {
        store.find(id).orElseThrow(() -> Refusal.notFound("adjustments"));
        if (!store.undo(id, clock.now(), user.get().name(), because.strip())) {
            throw Refusal.conflict("They have been taken back already.");
        }
        store.adjustments(id).forEach(adjustments::remove);
        return store.all();
    }
}
