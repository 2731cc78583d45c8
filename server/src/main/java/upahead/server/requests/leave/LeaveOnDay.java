package upahead.server.requests.leave;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.people.ClockSpan;
import upahead.core.quantity.Amount;

/**
 * Leave of one request on one day.
 *
 * @param hours of the day, above 0
 * @param between from when to when, null where it is not asked for by times
 * @param approved else it waits
 */
public record LeaveOnDay(
        LocalDate on, long requestId, String policy, Amount hours, @Nullable ClockSpan between, boolean approved) {}
