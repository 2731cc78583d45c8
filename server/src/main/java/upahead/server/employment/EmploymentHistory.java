package upahead.server.employment;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;

/**
 * What changed in somebody's employment, each in order of time.
 *
 * @param earlierId the employment before, of somebody who came back
 * @param laterId the employment after, of somebody who came back since
 * @param pauses days in which nothing is earned by time and nothing is scheduled
 */
public record EmploymentHistory(
        List<Placed> placements,
        List<FteFrom> ftes,
        List<ScheduleFrom> schedules,
        List<Pause> pauses,
        @Nullable Long earlierId,
        @Nullable Long laterId) {

    /**
     * Where somebody works.
     *
     * @param from null for where it began
     * @param placing for changing it
     */
    public record Placed(
            @Nullable LocalDate from,
            String site,
            String team,
            EmploymentType employmentType,
            String payGroup,
            @Nullable String approver,
            Placing placing) {}

    /** A full-time equivalent from a day on. */
    public record FteFrom(LocalDate from, Amount fte) {}

    /**
     * A weekly schedule from a day on.
     *
     * @param week hours from Monday to Sunday
     * @param times of the weekdays for which they are said, in the order of the week
     */
    public record ScheduleFrom(LocalDate from, List<Amount> week, List<DayTimes> times) {}

    /** Days of unpaid leave or of a seasonal break. */
    public record Pause(LocalDate from, LocalDate to, String reason) {}
}
