package upahead.server.platform.hooks;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * The messages that are to be sent. Who takes one has it for a while, so that it is sent again where a program ended in
 * between: each arrives at least once. Times are those of the machine, since the program's own clock can be moved.
 */
@Component
class Waiting {

    private static final Duration TAKEN_FOR = Duration.ofMinutes(2);
    private static final Duration FIRST_PAUSE = Duration.ofSeconds(30);
    private static final int MOST_DOUBLINGS = 9;
    private static final Duration GIVEN_UP_AFTER = Duration.ofDays(3);

    /** How many tries fill three days with these pauses. */
    private static final int MOST_TRIES =
            MOST_DOUBLINGS + 1 + (int) GIVEN_UP_AFTER.dividedBy(FIRST_PAUSE.multipliedBy(1L << MOST_DOUBLINGS));

    private final HookStore store;

    Waiting(HookStore store) {
        this.store = store;
    }

    /** Whether a message is due; asking is no change, and whoever keeps answers while nothing changes keeps them. */
    @Transactional(readOnly = true)
    public boolean isAnyDue(LocalDateTime now, Collection<Long> busy) {
        return store.due(now, busy).isPresent();
    }

    @Transactional
    public Optional<HookMessage> take(LocalDateTime now, Collection<Long> busy) {
        Optional<HookMessage> due = store.due(now, busy);
        due.ifPresent(message -> store.trying(message.id(), message.tries(), now.plus(TAKEN_FOR)));
        return due;
    }

    /**
     * Notes what became of a message; the next try is after a pause that doubles, up to about four hours, and after three
     * days there is none.
     *
     * @param problem empty where it was taken
     */
    @Transactional
    public void became(HookMessage message, LocalDateTime now, String problem) {
        if (problem.isEmpty()) {
            store.taken(message.id(), now);
            return;
        }
        int doublings = Math.min(message.tries() - 1, MOST_DOUBLINGS);
        LocalDateTime again =
                message.tries() >= MOST_TRIES ? null : now.plus(FIRST_PAUSE.multipliedBy(1L << doublings));
        store.failed(message.id(), again, problem);
    }
}
