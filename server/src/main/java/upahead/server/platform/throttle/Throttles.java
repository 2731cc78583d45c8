package upahead.server.platform.throttle;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import upahead.server.platform.sql.Aside;
import upahead.server.platform.sql.Programs;

/**
 * All counts of tries. Where several programs may run on a database they exchange them every second, so that whoever tries
 * here and there gets no further than here; where one uses a file alone, nothing is written. Times are the machine's.
 */
@Component
public class Throttles {

    private static final Logger LOG = LoggerFactory.getLogger(Throttles.class);
    private static final long EVERY = 1_000;

    private final ThrottleStore store;
    private final Aside aside;
    private final Programs programs;
    private final List<Throttle> all = new CopyOnWriteArrayList<>();

    Throttles(ThrottleStore store, Aside aside, Programs programs) {
        this.store = store;
        this.aside = aside;
        this.programs = programs;
    }

    /**
     * A new one.
     *
     * @param name unlike every other, at most 40 characters
     * @param most how often, above 0
     * @param within from the first time on
     */
    public Throttle of(String name, int most, Duration within) {
        Throttle throttle = new Throttle(name, most, within);
        all.add(throttle);
        return throttle;
    }

    @Scheduled(fixedDelay = EVERY)
    void exchange() {
        if (programs.maySeveral()) {
            try {
                exchangeAll();
            } catch (RuntimeException later) {
                LOG.warn("tries are told to other programs later: {}", later.getMessage());
            }
        }
    }

    void exchangeAll() {
        LocalDateTime now = LocalDateTime.now();
        aside.run(() -> {
            store.forgetAllBefore(now);
            all.forEach(each -> each.exchange(store, now));
        });
    }
}
