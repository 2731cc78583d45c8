package upahead.server.requests.team;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.server.accounts.BalanceRow;
import upahead.server.requests.leave.TakenStore.TakenOfKind;

/**
 * Somebody for whom another decides.
 *
 * @param balances as of the day looked at, by the name of the policy
 * @param taken in the twelve months until that day, by kind
 * @param daysTaken on how many days something was taken in them, whatever the kind
 * @param nextAway the first day of approved leave from today on, null where there is none
 */
public record TeamMember(
        long personId,
        String person,
        String team,
        List<BalanceRow> balances,
        List<TakenOfKind> taken,
        int daysTaken,
        @Nullable LocalDate nextAway) {}
