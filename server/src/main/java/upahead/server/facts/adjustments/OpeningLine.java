package upahead.server.facts.adjustments;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.quantity.Amount;

/**
 * Somebody in a policy with the opening balance they have.
 *
 * @param on the last day before the program counts on, null for somebody without an opening balance, as are the figures
 */
public record OpeningLine(
        long personId,
        String code,
        String person,
        String team,
        @Nullable LocalDate on,
        @Nullable Amount balance,
        @Nullable Amount earnedThisYear,
        @Nullable Amount usedThisYear,
        @Nullable Amount hoursTowardNextStep) {}
