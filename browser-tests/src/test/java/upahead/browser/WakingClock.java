package upahead.browser;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;

/**
 * A clock that goes on by a second at most between two looks at it: while the whole machine stands still, nobody has waited
 * in vain.
 */
final class WakingClock extends Clock {

    private static final Duration STEP = Duration.ofSeconds(1);

    private final Clock clock = Clock.systemUTC();
    private Instant seen = clock.instant();
    private Instant now = seen;

    @Override
    public Instant instant() {
        Instant next = clock.instant();
        Duration passed = Duration.between(seen, next);
        seen = next;
        now = now.plus(passed.compareTo(STEP) > 0 ? STEP : passed);
        return now;
    }

    @Override
    public ZoneId getZone() {
        return clock.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        throw new UnsupportedOperationException("nobody asks for the time of day");
    }
}
