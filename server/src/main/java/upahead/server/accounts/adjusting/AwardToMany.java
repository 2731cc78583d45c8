package upahead.server.accounts.adjusting;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.server.employment.EmploymentType;

/**
 * The same adjustment of the balances of many.
 *
 * @param amount signed, in the policy's unit
 * @param byFte whether it is scaled by the full-time equivalent of the day
 * @param teamId of those who get it, null for all teams
 * @param siteId of those who get it, null for all sites
 * @param employmentType of those who get it, null for all
 * @param people who get it, null for everybody who is enrolled and employed on the day and matches
 */
record AwardToMany(
        long policyId,
        @NotNull(message = "please choose a day") LocalDate on,
        @NotNull(message = "please give the amount, with a minus to take away") Amount amount,
        boolean byFte,
        @Nullable Long teamId,
        @Nullable Long siteId,
        @Nullable EmploymentType employmentType,
        @Nullable List<Long> people,
        @NotBlank(message = "please say why") @Size(max = 300, message = "a reason has at most 300 characters")
                String reason) {}
