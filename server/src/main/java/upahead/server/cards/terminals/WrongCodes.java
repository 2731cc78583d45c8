package upahead.server.cards.terminals;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;
import upahead.server.platform.problems.Refusal;

/** Lets codes be tried only so often, so that nobody finds one by trying all. */
@Component
class WrongCodes {

    private static final int MOST = 12;
    private static final int MOST_REMEMBERED = 5_000;

    private final Cache<String, AtomicInteger> tries = Caffeine.newBuilder()
            .maximumSize(MOST_REMEMBERED)
            .expireAfterWrite(Duration.ofMinutes(1))
            .build();

    /**
     * Counts a try.
     *
     * @throws Refusal if it is one too many within a minute
     */
    void requireMayTry(String where) {
        if (tries.get(where, unused -> new AtomicInteger()).incrementAndGet() > MOST) {
            throw Refusal.conflict("Too many codes were tried here. Please wait a minute.");
        }
    }

    void forget(String where) {
        tries.invalidate(where);
    }
}
