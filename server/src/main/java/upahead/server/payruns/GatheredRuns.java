package upahead.server.payruns;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.serving.BehindTheScenes;
import upahead.server.platform.sql.TurnStore;

/**
 * Keeps what was gathered of a few runs for as long as nothing is changed anywhere, so that turning a page, sorting and
 * filtering do not work through everybody again. A large run that has changed is shown as it was until it is gathered
 * anew behind the scenes, and says so.
 */
@Component
class GatheredRuns {

    private static final int MOST = 3;
    private static final int LARGE = 1500;
    private static final int THE_OWN_TURN = 1;

    private final RunGathering gathering;
    private final RunReopening reopening;
    private final Blockers blockers;
    private final PayRunStore store;
    private final TurnStore turns;
    private final MovableClock clock;
    private final BehindTheScenes behind;
    private final Map<Long, Object> locks = new ConcurrentHashMap<>();
    private final Map<Long, GatheredRun> kept = new LinkedHashMap<>(MOST + 1, 1, true) {

        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, GatheredRun> eldest) {
            return size() > MOST;
        }
    };

    private record Renewal(long runId) {}

    GatheredRuns(
            RunGathering gathering,
            RunReopening reopening,
            Blockers blockers,
            PayRunStore store,
            TurnStore turns,
            MovableClock clock,
            BehindTheScenes behind) {
        this.gathering = gathering;
        this.reopening = reopening;
        this.blockers = blockers;
        this.store = store;
        this.turns = turns;
        this.clock = clock;
        this.behind = behind;
    }

    /**
     * A run as it stands now, or a large one as it stood a moment ago.
     *
     * @throws Refusal if there is no such run
     */
    GatheredRun of(long id) {
        PayRun run = run(id);
        if (TurnStore.isChangingSomething()) {
            return gathering.of(run);
        }
        GatheredRun before = kept(id);
        if (before == null || before.people() < LARGE || !before.run().equals(run)) {
            return renewed(id);
        }
        if (isOld(before)) {
            behind.workOut(new Renewal(id), () -> renewed(id));
        }
        return before;
    }

    /**
     * What stops the close that is just under way: as it was gathered after the check, if nobody has changed anything
     * since. The caller has not changed anything itself before in the same transaction.
     */
    List<Blocker> blockersAtClose(PayRun run) {
        GatheredRun before = kept(run.id());
        boolean isAsGathered = before != null
                && before.run().equals(run)
                && before.turn() == turns.taken() - THE_OWN_TURN
                && before.today().equals(clock.today());
        return isAsGathered ? before.blockers() : blockers.of(run);
    }

    /** Whether what is shown of a run is being gathered anew. */
    boolean isBeingRenewed(long id) {
        return behind.isUnderWay(new Renewal(id));
    }

    /**
     * A run as it stands now. A checked one that is no longer as it was checked gathers again. Whoever asks for the same
     * run at the same moment waits for the first to have gathered it.
     */
    private GatheredRun renewed(long id) {
        synchronized (locks.computeIfAbsent(id, unused -> new Object())) {
            GatheredRun gathered = now(id);
            return gathered.run().isChecked() && reopening.reopen(gathered) ? now(id) : gathered;
        }
    }

    private GatheredRun now(long id) {
        PayRun run = run(id);
        GatheredRun before = kept(id);
        if (before != null && before.run().equals(run) && !isOld(before)) {
            return before;
        }
        GatheredRun gathered = gathering.of(run);
        synchronized (kept) {
            kept.put(id, gathered);
        }
        return gathered;
    }

    private boolean isOld(GatheredRun gathered) {
        return gathered.turn() != turns.taken() || !gathered.today().equals(clock.today());
    }

    private GatheredRun kept(long id) {
        synchronized (kept) {
            return kept.get(id);
        }
    }

    private PayRun run(long id) {
        return store.find(id).orElseThrow(() -> Refusal.notFound("pay run"));
    }
}
