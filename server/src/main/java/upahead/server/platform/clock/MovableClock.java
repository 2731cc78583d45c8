package upahead.server.platform.clock;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.concurrent.atomic.AtomicReference;

/** The program's clock. It tells the system's time, and in the demo another day that can be moved. */
public final class MovableClock extends Clock {

    private final Clock base;
    private final AtomicReference<Duration> ahead = new AtomicReference<>(Duration.ZERO);

    public MovableClock(Clock base) {
        this.base = base;
    }

    /** Makes it the given day, in the morning; time goes on from there. */
    public void moveTo(LocalDate day) {
        LocalDateTime morning = day.atTime(LocalTime.of(8, 30));
        ahead.set(
                Duration.between(base.instant(), morning.atZone(base.getZone()).toInstant()));
    }

    public LocalDate today() {
        return LocalDate.now(this);
    }

    public LocalDateTime now() {
        return LocalDateTime.now(this);
    }

    @Override
    public ZoneId getZone() {
        return base.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return Clock.offset(base.withZone(zone), ahead.get());
    }

    @Override
    public Instant instant() {
        return base.instant().plus(ahead.get());
    }
}
