package upahead.server.employment;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.time.DayOfWeek;
import java.time.LocalTime;
import upahead.core.people.ClockSpan;
import upahead.core.people.WorkTimes;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.words.Words;

/**
 * From when to when somebody works on a weekday of a schedule.
 *
 * @param begins in whole minutes
 * @param ends on the next day where it is not after the begin
 * @param breakBegins null where there is no break
 * @param breakEnds null where there is no break
 */
public record DayTimes(
        @NotNull DayOfWeek weekday,
        @NotNull LocalTime begins,
        @NotNull LocalTime ends,
        @Nullable LocalTime breakBegins,
        @Nullable LocalTime breakEnds) {

    /**
     * @throws Refusal if only one end of the break is said, or it does not lie within the work
     */
    public WorkTimes times() {
        if ((breakBegins == null) != (breakEnds == null)) {
            throw Refusal.of("week", "The break on " + Words.weekday(weekday) + " needs a begin and an end.");
        }
        try {
            return new WorkTimes(
                    new ClockSpan(begins, ends), breakBegins == null ? null : new ClockSpan(breakBegins, breakEnds));
        } catch (IllegalArgumentException impossible) {
            throw Refusal.of(
                    "week",
                    "The break on " + Words.weekday(weekday) + " does not lie between " + begins + " and " + ends
                            + ".");
        }
    }
}
