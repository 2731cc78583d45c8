package upahead.server.payruns;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.periods.LateChange;

/**
 * Whether what was posted is what is derived now, for everybody.
 *
 * @param missing what runs have posted and is no longer there, a sentence each
 * @param differences where it is not, in order of the people's names
 */
public record ProofReport(
        LocalDateTime at, List<String> missing, List<GroupProof> groups, List<ProofDifference> differences) {

    /**
     * What was looked at in one pay group.
     *
     * @param closedThrough the last day of its newest closed run, null where none is closed
     * @param accounts how many balances were compared
     * @param proved how many of them agree in every date and kind of line
     */
    public record GroupProof(
            String payGroup, @Nullable LocalDate closedThrough, int people, int accounts, int proved) {}

    /**
     * One balance that differs.
     *
     * @param posted the sum of everything posted
     * @param derived the balance as it is derived now
     * @param about the first date about which they differ
     * @param causes the late changes that explain it and that the next close corrects; empty where nothing does
     */
    public record ProofDifference(
            String payGroup,
            long personId,
            String person,
            long policyId,
            String policy,
            Unit unit,
            Amount posted,
            Amount derived,
            LocalDate about,
            List<LateChange> causes) {}

    /** Whether all is there and every difference is explained. */
    boolean isClean() {
        return missing.isEmpty() && unexplained() == 0;
    }

    /** How many differences no late change explains. */
    public long unexplained() {
        return differences.stream().filter(each -> each.causes().isEmpty()).count();
    }
}
