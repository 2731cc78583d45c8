package upahead.server.requests;

import jakarta.annotation.Nullable;
import java.util.List;
import upahead.server.requests.leave.Answer;
import upahead.server.requests.leave.RequestEvent;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.Asked;
import upahead.server.requests.signing.SignOff;

/**
 * A request with everything needed to decide it.
 *
 * @param mayDecide whether whoever looks at it can decide it
 * @param mayCancel whether whoever looks at it can cancel its approved days
 * @param inTurn whether whoever looks at it gives the next sign-off; who may decide all the same does so over the top
 * @param asked who is asked for the next sign-off today, null where anybody of a role is, or nobody any more
 * @param recent the person's latest other requests
 * @param forDeciding what whoever decides looks at beside it; nothing for others
 */
public record RequestDetail(
        RequestSummary request,
        RequestReview review,
        boolean mayDecide,
        boolean mayWithdraw,
        boolean mayCancel,
        boolean inTurn,
        @Nullable Asked asked,
        List<SignOff> signOffs,
        List<Answer> answers,
        List<DocumentView> documents,
        List<RequestEvent> history,
        List<RequestSummary> recent,
        ForDeciding forDeciding) {}
