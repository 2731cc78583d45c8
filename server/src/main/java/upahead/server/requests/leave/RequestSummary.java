package upahead.server.requests.leave;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.requests.signing.SignOffs.Sent;

/**
 * A request in a list.
 *
 * @param total what all its days cost
 * @param approved what its approved days cost, 0 while nothing is decided
 * @param declined its declined days, in order of time
 * @param cancelAsked its approved days that the person asks to be cancelled, in order of time
 * @param answer the message of the last decision about it, empty where there is none
 */
public record RequestSummary(
        long id,
        long personId,
        String person,
        String team,
        long policyId,
        String policy,
        Unit unit,
        RequestState state,
        LocalDate first,
        LocalDate last,
        Amount total,
        Amount approved,
        List<LocalDate> declined,
        List<LocalDate> cancelAsked,
        String answer,
        String note,
        LocalDateTime sentAt,
        int edits) {

    /** Of this only what matters for signing. */
    public Sent sent() {
        return new Sent(id, personId);
    }
}
