package upahead.server.policies;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import org.springframework.lang.Nullable;
import upahead.core.quantity.Amount;

/**
 * What holds when leave under a policy is asked for.
 *
 * @param holidaysCost whether a holiday costs like any scheduled day
 * @param daysOffCost whether a day off the schedule costs
 * @param noticeDays calendar days between sending and the first day
 * @param noteRequired whether a note must be written
 * @param leaveIn in what parts of a day leave can be asked for
 * @param smallestStep hours of which hours asked for are a multiple; null for any
 */
public record RequestRules(
        boolean holidaysCost,
        boolean daysOffCost,
        @Min(value = 0, message = "notice must be at least 0 days")
                @Max(value = 365, message = "notice can be at most 365 days")
                int noticeDays,
        boolean noteRequired,
        LeaveIn leaveIn,
        @Nullable Amount smallestStep) {

    /** Leave in any part of a day. */
    public RequestRules(boolean holidaysCost, boolean daysOffCost, int noticeDays, boolean noteRequired) {
        this(holidaysCost, daysOffCost, noticeDays, noteRequired, LeaveIn.HOURS, null);
    }

    public RequestRules {
        leaveIn = leaveIn == null ? LeaveIn.HOURS : leaveIn;
    }
}
