package upahead.server.platform.clock;

import jakarta.annotation.PostConstruct;
import java.time.LocalDate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The clock of a demo: a day that is kept over restarts and can be moved on. */
@Service
public class DemoClock {

    private final DemoDayStore store;
    private final MovableClock clock;

    DemoClock(DemoDayStore store, MovableClock clock) {
        this.store = store;
        this.clock = clock;
    }

    @PostConstruct
    void resume() {
        store.find().ifPresent(clock::moveTo);
    }

    public boolean isRunning() {
        return store.find().isPresent();
    }

    @Transactional
    public void moveTo(LocalDate day) {
        store.put(day);
        clock.moveTo(day);
    }
}
