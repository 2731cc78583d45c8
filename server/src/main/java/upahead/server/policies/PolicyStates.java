package upahead.server.policies;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.problems.Refusal;

/** From when a text holds, whom a policy is meant for, and until when: kept for whoever enrols people accordingly. */
@Service
@Transactional(propagation = Propagation.MANDATORY)
public class PolicyStates {

    private final PolicyStore store;

    PolicyStates(PolicyStore store) {
        this.store = store;
    }

    /**
     * Puts a draft in force.
     *
     * @param seenEdits the state of the draft that was looked at
     * @throws Refusal if somebody changed it meanwhile
     */
    public void putInForce(long versionId, int seenEdits, LocalDate from) {
        if (!store.putInForce(versionId, seenEdits, from)) {
            throw Policies.changedMeanwhile();
        }
    }

    public void cover(long policyId, Coverage coverage) {
        store.setCoverage(policyId, coverage);
    }

    /** @param lastDay null to bring it back */
    public void retire(long policyId, @Nullable LocalDate lastDay) {
        store.retire(policyId, lastDay);
    }
}
