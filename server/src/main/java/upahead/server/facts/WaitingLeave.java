package upahead.server.facts;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import upahead.server.facts.ApprovedLeave.LeaveFact;

/** Leave that waits for a decision, told by whoever keeps requests. It is in no balance. */
public interface WaitingLeave {

    /** The days of some people's waiting requests that cost something, by the people's ids. */
    Map<Long, List<LeaveFact>> waitingLeave(Collection<Long> people);
}
