package upahead.server.requests;

import java.util.List;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.Person;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestStore;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.HandedOn;
import upahead.server.requests.signing.SignOffs;

/** Handing a waiting request on to somebody else who decides it. */
@Service
public class HandingOn {

    private final RequestStore store;
    private final RequestDetails details;
    private final SignOffs signOffs;
    private final HandedOn handedOn;
    private final RequestNews news;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;

    HandingOn(
            RequestStore store,
            RequestDetails details,
            SignOffs signOffs,
            HandedOn handedOn,
            RequestNews news,
            CurrentUser user,
            Audit audit,
            MovableClock clock) {
        this.store = store;
        this.details = details;
        this.signOffs = signOffs;
        this.handedOn = handedOn;
        this.news = news;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
    }

    /** Somebody to whom a request can be handed on. */
    public record Receiver(long personId, String name, String team) {}

    @Transactional(readOnly = true)
    public List<Receiver> receivers(long id) {
        return handedOn.choices(decidable(id).sent()).stream()
                .map(person -> new Receiver(person.id(), person.name(), person.team()))
                .toList();
    }

    /**
     * Lets somebody else give the next sign-off; they are told, and the history says who handed it on.
     *
     * @param seenEdits the state of the request that was looked at
     * @param why a few words for whoever decides now; may be empty
     * @throws Refusal if the request changed meanwhile, or it cannot be that person
     */
    @Transactional
    public RequestDetail handOn(long id, int seenEdits, long to, String why) {
        RequestDetails.requireShort(why);
        RequestSummary request = decidable(id);
        if (request.state() != RequestState.WAITING || !store.touch(id, seenEdits)) {
            throw details.changedMeanwhile(id);
        }
        Person receiver = handedOn.hand(request.sent(), to);
        String words = "To " + receiver.name() + (why.isBlank() ? "" : ". " + why.strip());
        store.addEvent(id, clock.now(), user.get().name(), "HANDED_ON", words);
        audit.record(Thing.REQUEST, id, "handed a request on", null, receiver.name());
        news.tellNextSigner(details.get(id));
        return details.of(details.get(id));
    }

    private RequestSummary decidable(long id) {
        RequestSummary request = details.get(id);
        if (!signOffs.mayDecide(request.sent())) {
            throw new AccessDeniedException("not in turn");
        }
        return request;
    }
}
