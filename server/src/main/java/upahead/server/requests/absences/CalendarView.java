package upahead.server.requests.absences;

import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;

/**
 * How thinly each team is staffed over some days.
 *
 * @param teams by name
 * @param allTeams how many there are altogether
 */
public record CalendarView(List<CalendarDay> days, List<TeamBand> teams, int allTeams) {

    /**
     * A day of everybody's.
     *
     * @param holidays by name, with the site where not all have them
     * @param protectedFor why no leave can be booked, once for each reason
     */
    public record CalendarDay(LocalDate on, List<String> holidays, List<String> protectedFor) {}

    /** A team, with a figure for each day. */
    public record TeamBand(long teamId, String team, List<BandDay> days) {}

    /**
     * A team on a day.
     *
     * @param scheduled how many are scheduled
     * @param away how many of them have approved leave, parts of the day as parts
     * @param waiting how many ask for leave
     * @param needed how many are needed at least, 0 where nothing is said
     * @param isShort whether leave leaves fewer than are needed
     */
    public record BandDay(int scheduled, Amount away, Amount waiting, int needed, boolean isShort) {}
}
