package upahead.server.platform.daily;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.clock.MovableClock;

/** Does on each day what is done once a day, one thing in a transaction; days on which the program did not run are past. */
@Service
public class DailyWork {

    private static final LocalTime MORNING = LocalTime.of(7, 0);

    private final List<OnceADay> all;
    private final DailyWorkStore store;
    private final MovableClock clock;

    DailyWork(List<OnceADay> all, DailyWorkStore store, MovableClock clock) {
        this.all = all;
        this.store = store;
        this.clock = clock;
    }

    List<OnceADay> all() {
        return all;
    }

    /** Whether something is still to be done today. */
    @Transactional(readOnly = true)
    public boolean isDue(OnceADay work) {
        return !clock.now().toLocalTime().isBefore(MORNING)
                && store.doneOn(work.name())
                        .filter(done -> !done.isBefore(clock.today()))
                        .isEmpty();
    }

    /** Does something for today, unless that was done meanwhile. */
    @Transactional
    public void perform(OnceADay work) {
        if (isDue(work)) {
            LocalDate today = clock.today();
            store.setDone(work.name(), today);
            work.doFor(today);
        }
    }

    /** Counts today as done, as in a demo whose day has just been made. */
    @Transactional
    public void skipToday() {
        all.forEach(work -> store.setDone(work.name(), clock.today()));
    }
}
