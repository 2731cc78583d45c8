package upahead.server.platform.clock;

import java.time.LocalDate;
import org.springframework.stereotype.Component;
import upahead.server.platform.problems.Refusal;

/** How far ahead anybody can look, and date anything. */
@Component
public class Sight {

    private static final int YEARS_AHEAD = 3;

    private final MovableClock clock;

    Sight(MovableClock clock) {
        this.clock = clock;
    }

    /**
     * @throws Refusal if a day is more than three years ahead
     */
    public void require(LocalDate day) {
        if (day.isAfter(clock.today().plusYears(YEARS_AHEAD))) {
            throw Refusal.of("asOf", "Looking ahead ends " + YEARS_AHEAD + " years from today.");
        }
    }
}
