package upahead.server.platform.hooks;

import java.time.LocalDate;
import java.time.LocalDateTime;
import org.springframework.stereotype.Component;
import upahead.server.platform.daily.OnceADay;

/** Forgets messages that were taken a month ago. */
@Component
class ForgettingMessages implements OnceADay {

    private static final int DAYS = 30;

    private final HookStore store;

    ForgettingMessages(HookStore store) {
        this.store = store;
    }

    @Override
    public String name() {
        return "old messages to other programs";
    }

    @Override
    public void doFor(LocalDate day) {
        store.forgetTakenBefore(LocalDateTime.now().minusDays(DAYS));
    }
}
