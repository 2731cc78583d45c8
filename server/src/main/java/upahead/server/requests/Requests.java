package upahead.server.requests;

import java.time.LocalDate;
import java.util.List;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.Reach;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.json.Page;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.requests.leave.RequestListStore;
import upahead.server.requests.leave.RequestQuery;
import upahead.server.requests.leave.RequestStore;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.SignOffs;
import upahead.server.requests.signing.WhoIsAsked;

/** Requests, to be looked at. */
@Service
public class Requests {

    private static final int MOST_OF_A_PERSON = 100;

    private final RequestStore store;
    private final RequestListStore lists;
    private final RequestDetails details;
    private final SignOffs signOffs;
    private final WhoIsAsked whoIsAsked;
    private final Reach reach;
    private final CurrentUser user;

    Requests(
            RequestStore store,
            RequestListStore lists,
            RequestDetails details,
            SignOffs signOffs,
            WhoIsAsked whoIsAsked,
            Reach reach,
            CurrentUser user) {
        this.store = store;
        this.lists = lists;
        this.details = details;
        this.signOffs = signOffs;
        this.whoIsAsked = whoIsAsked;
        this.reach = reach;
        this.user = user;
    }

    /**
     * The requests that are asked for: for an administrator everybody's, for an approver those of the people assigned and
     * those about which they are asked, in their own right or in the place of another.
     */
    @Transactional(readOnly = true)
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public Page<RequestSummary> queue(RequestQuery query) {
        RequestQuery own = own(query);
        return new Page<>(lists.asked(own), lists.count(own));
    }

    private RequestQuery own(RequestQuery query) {
        SignedIn signedIn = user.get();
        if (signedIn.may(Permission.SEE_EVERYBODY)) {
            return query;
        }
        long signer = user.personId();
        return query.decidedBy(signer, whoIsAsked.askedInPlaceOfAnother(signer, store.waiting()));
    }

    /** One's own requests, or those of somebody one reaches. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public List<RequestSummary> ofPerson(long personId) {
        return lists.ofPerson(personId, MOST_OF_A_PERSON);
    }

    /** A request with everything needed to decide it. */
    @Transactional(readOnly = true)
    public RequestDetail open(long id) {
        RequestSummary request = details.get(id);
        if (!reach.person(request.personId()) && !signOffs.isSigner(request.sent())) {
            throw new AccessDeniedException("out of reach");
        }
        return details.of(request);
    }

    /** Waiting requests of a pay group with a day in a period. */
    @Transactional(readOnly = true)
    @May(Permission.SEE_EVERYBODY)
    public List<RequestSummary> waitingWithin(long payGroupId, LocalDate first, LocalDate last) {
        return lists.waitingWithin(payGroupId, first, last);
    }

    /** Approved leave on some days, of a team or of everybody where that is null. */
    @Transactional(readOnly = true)
    @May(Permission.SEE_EVERYBODY)
    public List<RequestSummary> approvedWithin(LocalDate first, LocalDate last, Long teamId) {
        return last.isBefore(first) ? List.of() : lists.approvedWithin(first, last, teamId);
    }
}
