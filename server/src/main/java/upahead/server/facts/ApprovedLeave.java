package upahead.server.facts;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import upahead.core.quantity.Amount;

/** Approved leave, told by whoever keeps requests. */
public interface ApprovedLeave {

    /**
     * An approved day of leave.
     *
     * @param hours of the day
     * @param amount in the policy's unit, above 0
     */
    record LeaveFact(long personId, long policyId, LocalDate on, Amount hours, Amount amount) {}

    /** The approved days of some people that cost something, by the people's ids. */
    Map<Long, List<LeaveFact>> approvedLeave(Collection<Long> people);
}
