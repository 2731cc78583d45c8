package upahead.server.platform.serving;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;

/**
 * Shows what takes long to work out as it was a moment ago, where something was changed since, and works it out anew behind
 * the scenes. What is quick to work out, or was not looked at for minutes, is worked out at once. Only for what advises:
 * nothing is decided or paid by it.
 *
 * @param <K> under what an answer is kept
 * @param <Q> a question; later ones of the same key may be shown the answer to an earlier one
 * @param <R> a row of an answer
 */
public final class AsBefore<K, Q, R> {

    /** What takes no longer is worked out at once, unless somebody says otherwise. */
    public static final Duration QUICK = Duration.ofMillis(500);

    private static final Duration OLDEST = Duration.ofMinutes(5);
    private static final int MOST_KEPT = 50;

    /** What is known for as long as nothing is changed anywhere; shared with whoever needs it as it is now. */
    private final WhileUnchanged<Q, R> known;

    private final BehindTheScenes behind;
    private final Duration quick;
    private final Cache<K, Before<R>> before = Caffeine.newBuilder()
            .expireAfterWrite(OLDEST)
            .maximumSize(MOST_KEPT)
            .build();

    private record Before<R>(List<R> rows, Duration took) {}

    private record Renewal(Object answers, Object key) {}

    /**
     * An answer.
     *
     * @param beingRenewed whether something has changed since, and it is being worked out anew
     */
    public record Shown<R>(List<R> rows, boolean beingRenewed) {}

    /**
     * @param quick what takes no longer is always worked out at once
     */
    public AsBefore(WhileUnchanged<Q, R> known, BehindTheScenes behind, Duration quick) {
        this.known = known;
        this.behind = behind;
        this.quick = quick;
    }

    /**
     * An answer as it is now, or as it was a moment ago.
     *
     * @param rows works it out in any thread; they must not be changed afterwards
     */
    public Shown<R> of(K key, Q question, Supplier<List<R>> rows) {
        Optional<List<R>> now = known.ifKnown(question);
        if (now.isPresent()) {
            // whoever worked it out: what was shown last is what is shown next, never something older
            before.asMap().computeIfPresent(key, (unused, earlier) -> new Before<>(now.get(), earlier.took()));
            return new Shown<>(now.get(), false);
        }
        Before<R> earlier = TurnStore.isChangingSomething() ? null : before.getIfPresent(key);
        if (earlier == null || earlier.took().compareTo(quick) <= 0) {
            return new Shown<>(workOut(key, question, rows), false);
        }
        behind.workOut(new Renewal(this, key), () -> workOut(key, question, rows));
        return new Shown<>(earlier.rows(), true);
    }

    private List<R> workOut(K key, Q question, Supplier<List<R>> rows) {
        long from = System.nanoTime();
        List<R> now = known.of(question, rows);
        if (!TurnStore.isChangingSomething()) {
            before.put(key, new Before<>(now, Duration.ofNanos(System.nanoTime() - from)));
        }
        return now;
    }
}
