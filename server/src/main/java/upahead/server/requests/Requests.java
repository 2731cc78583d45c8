package upahead.server.requests;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
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

/** Requests, to be looked at. */
@Service
public class Requests {

    private static final int MOST_OF_A_PERSON = 100;

    private final RequestListStore lists;
    private final RequestDetails details;
    private final SignOffs signOffs;
    private final Reach reach;
    private final CurrentUser user;

    Requests(RequestListStore lists, RequestDetails details, SignOffs signOffs, Reach reach, CurrentUser user) {
        this.lists = lists;
        this.details = details;
        this.signOffs = signOffs;
        this.reach = reach;
        this.user = user;
    }

    /** Requests in some states: for an administrator everybody's, for an approver those of the people assigned. */
    @Transactional(readOnly = true)
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public Page<RequestSummary> queue(Set<RequestState> states, int page, int size) {
        SignedIn signedIn = user.get();
        Long approver = signedIn.may(Permission.SEE_EVERYBODY) ? null : signedIn.personId();
        Set<RequestState> wanted = states.isEmpty() ? EnumSet.allOf(RequestState.class) : states;
        return new Page<>(lists.inStates(wanted, approver, page, size), lists.count(wanted, approver));
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
        if (!reach.person(request.personId()) && !signOffs.isSigner(request)) {
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
