package upahead.server.platform.clock;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** One clock for the whole program. */
@Configuration
class ClockConfiguration {

    @Bean
    MovableClock clock() {
        return new MovableClock(Clock.systemDefaultZone());
    }
}
