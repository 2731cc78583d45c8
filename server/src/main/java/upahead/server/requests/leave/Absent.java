package upahead.server.requests.leave;

import java.time.LocalDate;
import upahead.core.people.ClockSpan;
import upahead.core.quantity.Amount;
import upahead.server.policies.SeenBy;

/**
 * Somebody who is away on a day, or asks to be.
 *
 * @param teamId of the team in which they are that day
 * @param asked how much of the day was asked for
 * @param hours of that day, above 0
 * @param between from when to when, null where it is not asked for by times
 * @param approved false while it waits
 * @param seenBy who sees it besides whoever decides
 * @param kindShows whether they see the policy, too
 */
public record Absent(
        LocalDate on,
        long requestId,
        long personId,
        String person,
        long teamId,
        long siteId,
        Long approverId,
        long policyId,
        String policy,
        RequestDraft.Part asked,
        Amount hours,
        ClockSpan between,
        boolean approved,
        SeenBy seenBy,
        boolean kindShows) {}
