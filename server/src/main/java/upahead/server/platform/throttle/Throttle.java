package upahead.server.platform.throttle;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.commons.codec.digest.DigestUtils;

/** Lets the same thing be tried so often within a time, and no more often. Remembers a limited number of things. */
public final class Throttle {

    private static final int MOST_REMEMBERED = 20_000;

    private final String name;
    private final int most;
    private final Duration within;
    private final Cache<String, Count> counts;
    /** What is to be forgotten everywhere; where nobody is to be told, it goes by itself. */
    private final Cache<String, Boolean> forgotten;

    /** How often something was tried: here, and in other programs as far as that is known. */
    private static final class Count {
        private final AtomicInteger own = new AtomicInteger();
        private int told;
        private volatile int others;
    }

    /**
     * @param name unlike every other, at most 40 characters
     * @param most how often, above 0
     * @param within from the first time on
     */
    Throttle(String name, int most, Duration within) {
        this.name = name;
        this.most = most;
        this.within = within;
        this.counts = Caffeine.newBuilder()
                .maximumSize(MOST_REMEMBERED)
                .expireAfterWrite(within)
                .build();
        this.forgotten = Caffeine.newBuilder()
                .maximumSize(MOST_REMEMBERED)
                .expireAfterWrite(within)
                .build();
    }

    /** Counts a try before it is made, so that many at one moment are counted, too; false where it is one too many. */
    public boolean lets(String what) {
        Count count = counts.get(kept(what), unused -> new Count());
        return count.own.incrementAndGet() + count.others <= most;
    }

    /** Begins to count anew, as after a success. */
    public void forget(String what) {
        counts.invalidate(kept(what));
        forgotten.put(kept(what), true);
    }

    /** Tells other programs of the tries here, and learns of theirs. */
    void exchange(ThrottleStore store, LocalDateTime now) {
        for (String each : forgotten.asMap().keySet()) {
            store.forget(name, each);
            forgotten.invalidate(each);
        }
        counts.asMap().forEach((what, count) -> {
            int own = count.own.get();
            if (own > count.told) {
                store.add(name, what, own - count.told, now, now.plus(within));
                count.told = own;
            }
        });
        Map<String, Integer> all = store.counts(name, now);
        all.keySet().forEach(what -> counts.get(what, unused -> new Count()));
        // also what nobody counts any more
        counts.asMap().forEach((what, count) -> count.others = Math.max(0, all.getOrDefault(what, 0) - count.told));
    }

    /** Names and addresses are nobody's to read. */
    private static String kept(String what) {
        return DigestUtils.sha256Hex(what);
    }
}
