package upahead.server.facts.awards;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;

/**
 * Paid hours to be given for an extra day.
 *
 * @param hours for each, null for the hours each is scheduled that day
 * @param byFte whether the hours are scaled by the full-time equivalent
 * @param teamId of those who get them, null for all teams
 * @param people who get them, null for everybody of the team
 */
public record AwardForm(
        @NotNull(message = "please choose a day") LocalDate on,
        @NotBlank(message = "please say what it is for") @Size(max = 120, message = "this has at most 120 characters")
                String name,
        @NotNull @Size(max = 200, message = "the reason has at most 200 characters") String reason,
        @Nullable Amount hours,
        boolean byFte,
        @Nullable Long teamId,
        @Nullable List<Long> people) {}
