package upahead.server.platform.files;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import upahead.server.platform.sql.Aside;
import upahead.server.platform.sql.Programs;

/** How far long work has come, for whoever waits for it. */
@Component
public class Progress {

    /**
     * How far it is.
     *
     * @param what is being done now
     * @param done of what there is to do; both 0 where that is not known
     */
    public record Step(String what, int done, int of) {}

    private static final Logger LOG = LoggerFactory.getLogger(Progress.class);
    private static final long TOLD_EVERY = 500;
    private static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(10);
    private static final Step NOT_BEGUN = new Step("Beginning", 0, 0);

    private final Map<String, Step> steps = new ConcurrentHashMap<>();
    private final ThreadLocal<String> current = new ThreadLocal<>();
    private final ProgressStore store;
    private final Aside aside;
    private final Programs programs;

    Progress(ProgressStore store, Aside aside, Programs programs) {
        this.store = store;
        this.aside = aside;
        this.programs = programs;
    }

    /**
     * Does long work that tells its progress.
     *
     * @param token made up by whoever waits; null where nobody does
     */
    public <T> T of(String token, Supplier<T> work) {
        if (token == null) {
            return work.get();
        }
        current.set(token);
        steps.put(token, NOT_BEGUN);
        try {
            return work.get();
        } finally {
            steps.remove(token);
            current.remove();
        }
    }

    /** Tells how far the work of this thread has come; of no effect where nobody waits. */
    public void tell(String what, int done, int of) {
        String token = current.get();
        if (token != null) {
            steps.put(token, new Step(what, done, of));
        }
    }

    /** How far it is, in this program or another; where there is no such work, it has not begun or is done. */
    public Step at(String token) {
        Step here = steps.get(token);
        if (here != null) {
            return here;
        }
        return programs.maySeveral() ? store.find(token).orElse(NOT_BEGUN) : NOT_BEGUN;
    }

    /** Tells programs on the same database how far the work of this one has come. */
    @Scheduled(fixedDelay = TOLD_EVERY)
    void tellOthers() {
        if (programs.maySeveral() && !steps.isEmpty()) {
            try {
                LocalDateTime now = LocalDateTime.now();
                aside.run(() -> {
                    store.forgetAllBefore(now.minus(FORGOTTEN_AFTER));
                    steps.forEach((token, step) -> store.put(token, step, now));
                });
            } catch (RuntimeException later) {
                LOG.debug("how far it has come is told later", later);
            }
        }
    }
}
