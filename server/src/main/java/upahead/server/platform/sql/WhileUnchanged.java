package upahead.server.platform.sql;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Keeps large answers in memory for as long as nothing is changed anywhere, so that turning a page or sorting does not
 * work everything out again. What depends on the time of day is good for a minute.
 *
 * @param <Q> a question, which equals another where both have the same answer
 * @param <R> a row of an answer
 */
public final class WhileUnchanged<Q, R> {

    private static final Duration MINUTE = Duration.ofMinutes(1);
    private static final Duration DAY = Duration.ofDays(1);

    private record Asked<Q>(long turn, Q question) {}

    private final TurnStore turns;
    private final Cache<Asked<Q>, List<R>> answers;

    /**
     * @param mostRows how many rows are kept at most, of all answers together
     */
    public WhileUnchanged(TurnStore turns, int mostRows) {
        this(turns, mostRows, MINUTE);
    }

    private WhileUnchanged(TurnStore turns, int mostRows, Duration longest) {
        this.turns = turns;
        this.answers = Caffeine.newBuilder()
                .expireAfterWrite(longest)
                .maximumWeight(mostRows)
                .weigher((Asked<Q> asked, List<R> rows) -> 1 + rows.size())
                .build();
    }

    /** For what does not depend on the time of day: the question names the day, where it matters. */
    public static <Q, R> WhileUnchanged<Q, R> byTheDay(TurnStore turns, int mostRows) {
        return new WhileUnchanged<>(turns, mostRows, DAY);
    }

    /** The rows of an answer, if they are known. */
    public Optional<List<R>> ifKnown(Q question) {
        return TurnStore.isChangingSomething()
                ? Optional.empty()
                : Optional.ofNullable(answers.getIfPresent(new Asked<>(turns.taken(), question)));
    }

    /**
     * The rows of an answer, worked out unless they are known. What is asked within a change counts for that alone.
     *
     * @param rows works them out; they must not be changed afterwards
     */
    public List<R> of(Q question, Supplier<List<R>> rows) {
        if (TurnStore.isChangingSomething()) {
            return rows.get();
        }
        // looked at before what is read: whatever changes meanwhile makes another question of it
        Asked<Q> asked = new Asked<>(turns.taken(), question);
        List<R> known = answers.getIfPresent(asked);
        if (known != null) {
            return known;
        }
        List<R> now = rows.get();
        // answers of earlier turns are never asked for again, but count as popular and would keep new ones out
        answers.asMap().keySet().removeIf(each -> each.turn() < asked.turn());
        answers.put(asked, now);
        return now;
    }
}
