package upahead.server.requests.leave;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.leave.LeaveCosting.Because;
import upahead.core.people.ClockSpan;
import upahead.core.quantity.Amount;

/**
 * A day of leave that is asked for, as it is stored.
 *
 * @param hours of the day
 * @param between from when to when, null where it is not asked for by times
 * @param amount what it costs in the policy's unit, at least 0
 * @param because why it costs that
 * @param decision null while it waits
 */
public record LeaveDay(
        LocalDate on,
        RequestDraft.Part part,
        Amount hours,
        @Nullable ClockSpan between,
        Amount amount,
        Because because,
        @Nullable Decision decision) {}
