package upahead.server.requests;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.stereotype.Component;
import upahead.server.employment.Reach;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.leave.RequestEvent;
import upahead.server.requests.leave.RequestListStore;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestStore;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.SignOffs;
import upahead.server.requests.signing.WhoIsAsked;

/** A request with everything needed to decide it, as far as whoever is signed in may see it. */
@Component
class RequestDetails {

    private static final Set<RequestState> CANCELLABLE =
            EnumSet.of(RequestState.APPROVED, RequestState.PARTLY_APPROVED);
    private static final int RECENT = 6;
    private static final int LONGEST_MESSAGE = 1000;

    private final RequestStore store;
    private final RequestListStore lists;
    private final RequestReviewer reviewer;
    private final SignOffs signOffs;
    private final WhoIsAsked whoIsAsked;
    private final DocumentStore documents;
    private final DecidersView deciders;
    private final Reach reach;
    private final CurrentUser user;

    RequestDetails(
            RequestStore store,
            RequestListStore lists,
            RequestReviewer reviewer,
            SignOffs signOffs,
            WhoIsAsked whoIsAsked,
            DocumentStore documents,
            DecidersView deciders,
            Reach reach,
            CurrentUser user) {
        this.store = store;
        this.lists = lists;
        this.reviewer = reviewer;
        this.signOffs = signOffs;
        this.whoIsAsked = whoIsAsked;
        this.documents = documents;
        this.deciders = deciders;
        this.reach = reach;
        this.user = user;
    }

    /**
     * @throws Refusal if there is no such request
     */
    RequestSummary get(long id) {
        return lists.find(id).orElseThrow(() -> Refusal.notFound("request"));
    }

    RequestDetail of(RequestSummary request) {
        return of(request, reviewer.review(request));
    }

    /** With what was reviewed a moment ago. */
    RequestDetail of(RequestSummary request, RequestReviewer.Reviewed reviewed) {
        boolean waiting = request.state() == RequestState.WAITING;
        boolean reached = reach.person(request.personId());
        boolean mayDecide = waiting && signOffs.mayDecide(request.sent());
        List<RequestSummary> recent = lists.ofPerson(request.personId(), Integer.MAX_VALUE).stream()
                .filter(unused -> reached)
                .filter(other -> other.id() != request.id())
                .sorted((one, other) -> other.first().compareTo(one.first()))
                .limit(RECENT)
                .toList();
        return new RequestDetail(
                request,
                reviewed.review(),
                mayDecide,
                waiting && isOwn(request),
                CANCELLABLE.contains(request.state()) && reach.leads(request.personId()),
                waiting && signOffs.isInTurn(request.sent()),
                waiting ? whoIsAsked.of(request.sent()).orElse(null) : null,
                signOffs.of(request.id()),
                store.answers(request.id()),
                documents.of(request.id()),
                store.events(request.id()),
                recent,
                deciders.of(request, reviewed, mayDecide));
    }

    boolean isOwn(RequestSummary request) {
        return user.get().person().filter(own -> own == request.personId()).isPresent();
    }

    /** Tells whoever comes second what happened to a request meanwhile. */
    Refusal changedMeanwhile(long id) {
        List<RequestEvent> events = store.events(id);
        RequestEvent last = events.get(events.size() - 1);
        return Refusal.conflict(last.actor() + " has decided this request meanwhile: "
                + last.what().toLowerCase(Locale.ROOT).replace('_', ' ')
                + ". Your message was not sent; nothing was changed.");
    }

    /**
     * @throws Refusal if a message is too long
     */
    static void requireShort(String message) {
        if (message.length() > LONGEST_MESSAGE) {
            throw Refusal.of("message", "A message has at most " + LONGEST_MESSAGE + " characters.");
        }
    }
}
