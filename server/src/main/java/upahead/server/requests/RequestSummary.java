package upahead.server.requests;

import java.time.LocalDate;
import java.time.LocalDateTime;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/** A request in a list. */
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
        String note,
        LocalDateTime sentAt,
        int edits) {}
