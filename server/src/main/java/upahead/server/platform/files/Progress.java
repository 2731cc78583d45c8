package upahead.server.platform.files;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

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

    private static final Step NOT_BEGUN = new Step("Beginning", 0, 0);

    private final Map<String, Step> steps = new ConcurrentHashMap<>();
    private final ThreadLocal<String> current = new ThreadLocal<>();

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

    /** How far it is; where there is no such work, it has not begun or is done. */
    public Step at(String token) {
        return steps.getOrDefault(token, NOT_BEGUN);
    }
}
