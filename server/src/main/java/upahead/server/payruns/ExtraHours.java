package upahead.server.payruns;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;

/**
 * The extra hours of one kind that a person has worked in a run.
 *
 * @param hours recorded
 * @param left of them that are paid, below 0 where fewer are recorded than became time in lieu
 * @param policies into which they can be put
 * @param credits what was put into time in lieu of them
 */
public record ExtraHours(
        long personId,
        String person,
        String team,
        String kind,
        Amount hours,
        Amount left,
        List<Into> policies,
        List<Credit> credits) {

    /** A policy that takes extra hours, at so much time for each. */
    public record Into(long policyId, String policy, Amount rate) {}

    /**
     * Time that was credited.
     *
     * @param usableUntil the last day on which it can be used, null where that has no end
     */
    public record Credit(
            long id,
            String policy,
            Amount hours,
            Amount rate,
            Amount credited,
            String by,
            @Nullable LocalDate usableUntil) {}
}
