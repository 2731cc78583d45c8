package upahead.server.platform.access;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;

/** Lets the same thing be tried so often within a time, and no more often. Remembers a limited number of things. */
final class Throttle {

    private static final int MOST_REMEMBERED = 20_000;

    private final int most;
    private final Cache<String, AtomicInteger> tries;

    /**
     * @param most how often, above 0
     * @param within from the first time on
     */
    Throttle(int most, Duration within) {
        this.most = most;
        this.tries = Caffeine.newBuilder()
                .maximumSize(MOST_REMEMBERED)
                .expireAfterWrite(within)
                .build();
    }

    /** Counts a try before it is made, so that many at one moment are counted, too; false where it is one too many. */
    boolean lets(String what) {
        return tries.get(what, unused -> new AtomicInteger()).incrementAndGet() <= most;
    }

    /** Begins to count anew, as after a success. */
    void forget(String what) {
        tries.invalidate(what);
    }
}
