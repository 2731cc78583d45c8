package upahead.server.policies;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;

/**
 * What holds when leave under a policy is asked for.
 *
 * @param holidaysCost whether a holiday costs like any scheduled day
 * @param daysOffCost whether a day off the schedule costs
 * @param noticeDays calendar days between sending and the first day
 * @param noteRequired whether a note must be written
 */
public record RequestRules(
        boolean holidaysCost,
        boolean daysOffCost,
        @Min(value = 0, message = "notice must be at least 0 days")
                @Max(value = 365, message = "notice can be at most 365 days")
                int noticeDays,
        boolean noteRequired) {}
