package upahead.server.lookout;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * Something that needs somebody.
 *
 * @param by when it is due
 * @param what in a few words
 * @param why in one sentence
 * @param personId whom it is about, null where nobody in particular
 * @param person their name, null where nobody in particular
 * @param requestId the request to decide, null where it is none
 * @param runId the pay run to look at, null where it is none
 * @param policyId the policy it is about, null where it is none
 * @param policy its name, null where that is not told
 * @param amount how much it is about, null where that is not told
 * @param unit of the amount, null with it
 */
public record LookoutItem(
        Urgency urgency,
        Kind kind,
        LocalDate by,
        String what,
        String why,
        @Nullable Long personId,
        @Nullable String person,
        @Nullable Long requestId,
        @Nullable Long runId,
        @Nullable Long policyId,
        @Nullable String policy,
        @Nullable Amount amount,
        @Nullable Unit unit) {

    /** Something without an amount. */
    LookoutItem(
            Urgency urgency,
            Kind kind,
            LocalDate by,
            String what,
            String why,
            Long personId,
            String person,
            Long requestId,
            Long runId,
            Long policyId) {
        this(urgency, kind, by, what, why, personId, person, requestId, runId, policyId, null, null, null);
    }

    /** By how soon. */
    public enum Urgency {
        NOW,
        BEFORE_THE_RUN_CLOSES,
        FURTHER_AHEAD
    }

    /** What kind of thing it is. */
    public enum Kind {
        REQUEST,
        RUN,
        HOURS,
        PAYROLL,
        WITHHELD,
        LAPSE,
        WAIT_ENDS,
        TENURE,
        LEAVER,
        DRAFT,
        NO_APPROVER,
        BACKUP
    }
}
