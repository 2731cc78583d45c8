package upahead.server.cards.terminals;

import java.time.Duration;
import org.springframework.stereotype.Component;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.throttle.Throttle;
import upahead.server.platform.throttle.Throttles;

/** Lets codes be tried only so often, so that nobody finds one by trying all. */
@Component
class WrongCodes {

    private static final int MOST = 12;
    private final Throttle tries;

    WrongCodes(Throttles throttles) {
        this.tries = throttles.of("codes at a terminal", MOST, Duration.ofMinutes(1));
    }

    /**
     * Counts a try.
     *
     * @throws Refusal if it is one too many within a minute
     */
    void requireMayTry(String where) {
        if (!tries.lets(where)) {
            throw Refusal.conflict("Too many codes were tried here. Please wait a minute.");
        }
    }

    void forget(String where) {
        tries.forget(where);
    }
}
