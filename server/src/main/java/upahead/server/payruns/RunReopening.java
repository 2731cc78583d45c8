package upahead.server.payruns;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;

/** Lets a checked run gather again once it is no longer as it was checked. */
@Component
class RunReopening {

    private static final int LONGEST = 500;

    private final PayRunStore store;
    private final CurrentUser user;
    private final MovableClock clock;

    RunReopening(PayRunStore store, CurrentUser user, MovableClock clock) {
        this.store = store;
        this.user = user;
        this.clock = clock;
    }

    /** Tells whether it gathers again; it does not where nothing changed, or somebody has checked it anew meanwhile. */
    @Transactional
    public boolean reopen(GatheredRun gathered) {
        String why = why(gathered);
        return !why.isEmpty() && reopen(gathered.run(), why);
    }

    /**
     * Lets a run gather again that was checked; of no effect on another one.
     *
     * @param why not blank
     */
    @Transactional
    public boolean reopen(PayRun run, String why) {
        if (!store.gatherAgain(run)) {
            return false;
        }
        String reason = why.length() > LONGEST ? why.substring(0, LONGEST - 1) + "…" : why;
        store.addEvent(run.id(), new RunEvent(clock.now(), user.get().name(), RunEvent.What.CHANGED, reason));
        return true;
    }

    private static String why(GatheredRun gathered) {
        if (!gathered.changed().isEmpty()) {
            return String.join(" ", gathered.changed());
        }
        return gathered.blockers().isEmpty() ? "" : gathered.blockers().get(0).message();
    }
}
