package upahead.server.payruns;

import java.time.LocalDate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.organisation.PayDayFollower;
import upahead.server.organisation.PayGroup;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** On which day each run is paid: by the rule of its group, or on another day that somebody chooses while it is open. */
@Service
public class PayDates implements PayDayFollower {

    private static final int LATEST_AFTER_PERIOD = 92;

    private final PayRunStore store;
    private final Audit audit;

    PayDates(PayRunStore store, Audit audit) {
        this.store = store;
        this.audit = audit;
    }

    /** Open runs follow the rule; what is closed stays. */
    @Override
    public void payDayChanged(PayGroup group) {
        store.openOf(group.id())
                .forEach(run -> store.pay(run.id(), group.payDay().of(run.period())));
    }

    /**
     * Has a run paid on another day, for instance because of a bank holiday.
     *
     * @param on from the first day of the period until 92 days after its last
     * @throws Refusal if there is no such run, it is closed, or the day is too far from its period
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public PayRun pay(long id, LocalDate on) {
        PayRun run = store.find(id).orElseThrow(() -> Refusal.notFound("pay run"));
        if (run.isClosed()) {
            throw Refusal.conflict("This run is closed; its pay date stays " + Words.day(run.paysOn()) + ".");
        }
        if (on.isBefore(run.firstDay()) || on.isAfter(run.lastDay().plusDays(LATEST_AFTER_PERIOD))) {
            throw Refusal.of(
                    "on",
                    "Pay of " + Words.span(run.period()) + " cannot be on " + Words.day(on) + " " + on.getYear()
                            + "; please choose a day from the period's first until " + LATEST_AFTER_PERIOD
                            + " days after its last.");
        }
        store.pay(id, on);
        audit.record(Thing.PAY_RUN, id, "moved the pay date", run.paysOn(), on);
        return store.find(id).orElseThrow();
    }
}
