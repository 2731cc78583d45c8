package upahead.server.requests;

import java.time.LocalDateTime;
import java.util.List;

/**
 * A request with everything needed to decide it.
 *
 * @param mayDecide whether whoever looks at it can decide it
 * @param mayCancel whether whoever looks at it can cancel its approved days
 * @param inTurn whether whoever looks at it gives the next sign-off; who may decide all the same does so over the top
 * @param recent the person's latest other requests
 */
public record RequestDetail(
        RequestSummary request,
        RequestReview review,
        boolean mayDecide,
        boolean mayWithdraw,
        boolean mayCancel,
        boolean inTurn,
        List<SignOff> signOffs,
        List<Answer> answers,
        List<DocumentView> documents,
        List<Event> history,
        List<RequestSummary> recent) {

    /** Something that happened to a request. */
    public record Event(LocalDateTime at, String actor, String what, String message) {}
}
