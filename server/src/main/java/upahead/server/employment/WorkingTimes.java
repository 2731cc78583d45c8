package upahead.server.employment;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upahead.server.employment.EmploymentHistory.ScheduleFrom;

/** From when to when somebody is scheduled to work on a date. */
@Component
public class WorkingTimes {

    private final EmploymentStore store;

    WorkingTimes(EmploymentStore store) {
        this.store = store;
    }

    /** The times of some dates, as far as the schedule says any. */
    public Map<LocalDate, DayTimes> of(long personId, Collection<LocalDate> days) {
        List<ScheduleFrom> schedules = store.schedules(personId);
        Map<LocalDate, DayTimes> times = new HashMap<>();
        for (LocalDate day : days) {
            schedules.stream()
                    .filter(schedule -> !schedule.from().isAfter(day))
                    .reduce((earlier, later) -> later)
                    .flatMap(schedule -> schedule.times().stream()
                            .filter(each -> each.weekday() == day.getDayOfWeek())
                            .findFirst())
                    .ifPresent(each -> times.put(day, each));
        }
        return times;
    }
}
