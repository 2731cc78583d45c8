package upahead.server.employment;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Set;
import upahead.core.calendar.DateSpan;

/**
 * People of a team and site who are scheduled on the same weekdays of the same days.
 *
 * @param weekdays with scheduled hours
 * @param people how many they are, at least 1
 */
public record WorkedAlike(long teamId, long siteId, DateSpan days, Set<DayOfWeek> weekdays, int people) {

    /** Whether they are scheduled on a day, holidays aside. */
    public boolean on(LocalDate day) {
        return days.contains(day) && weekdays.contains(day.getDayOfWeek());
    }
}
