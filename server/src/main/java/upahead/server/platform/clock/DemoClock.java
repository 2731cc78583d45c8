package upahead.server.platform.clock;

import jakarta.annotation.PostConstruct;
import java.time.LocalDate;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The clock of a demo: a day that is kept over restarts and can be moved on. */
@Service
public class DemoClock {

    private final DemoDayStore store;
    private final MovableClock clock;
    private final AtomicReference<LocalDate> seen = new AtomicReference<>();

    DemoClock(DemoDayStore store, MovableClock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** Goes on with the day that was kept, also where another program on the same data moved it. */
    @PostConstruct
    void resume() {
        store.find().filter(day -> !day.equals(seen.getAndSet(day))).ifPresent(clock::moveTo);
    }

    public boolean isRunning() {
        return store.find().isPresent();
    }

    @Transactional
    public void moveTo(LocalDate day) {
        store.put(day);
        seen.set(day);
        clock.moveTo(day);
    }
}
