package upahead.server.platform.clock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

class MovableClockTest {

    private static final Clock NOON = Clock.fixed(Instant.parse("2026-11-23T12:00:00Z"), ZoneOffset.UTC);

    @Test
    void tellsTheTimeOfItsBaseUntilItIsMoved() {
        MovableClock clock = new MovableClock(NOON);
        assertThat(clock.today()).isEqualTo("2026-11-23");
        clock.moveTo(LocalDate.of(2027, 4, 26));
        assertThat(clock.now()).isEqualTo("2027-04-26T08:30:00");
        assertThat(clock.instant()).isEqualTo("2027-04-26T08:30:00Z");
    }

    @Test
    void canBeMovedBackAndReadInAnotherZone() {
        MovableClock clock = new MovableClock(NOON);
        clock.moveTo(LocalDate.of(2027, 4, 26));
        clock.moveTo(LocalDate.of(2025, 1, 1));
        assertThat(clock.today()).isEqualTo("2025-01-01");
        assertThat(LocalDate.now(clock.withZone(ZoneId.of("Pacific/Auckland")))).isEqualTo("2025-01-01");
        assertThat(clock.withZone(ZoneId.of("Pacific/Auckland")).getZone()).isEqualTo(ZoneId.of("Pacific/Auckland"));
    }
}
