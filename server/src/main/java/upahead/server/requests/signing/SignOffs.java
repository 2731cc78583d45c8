package upahead.server.requests.signing;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;
import upahead.server.employment.Person;
import upahead.server.employment.Reach;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.SignOffPaths;
import upahead.server.policies.SignOffStep;
import upahead.server.requests.signing.SignOffStore.Signer;

/** Whose approval a request needs next, and whether whoever is signed in gives it. */
@Component
public class SignOffs {

    private final SignOffStore store;
    private final WhoIsAsked whoIsAsked;
    private final SignOffPaths paths;
    private final Reach reach;
    private final CurrentUser user;

    SignOffs(SignOffStore store, WhoIsAsked whoIsAsked, SignOffPaths paths, Reach reach, CurrentUser user) {
        this.store = store;
        this.whoIsAsked = whoIsAsked;
        this.paths = paths;
        this.reach = reach;
        this.user = user;
    }

    /** A request that somebody sent, as far as it matters for signing. */
    public record Sent(long requestId, long requesterId) {}

    /**
     * Lays down whose approvals a request needs, in place of those it needed before it was changed; a later change of the
     * path does not touch it.
     */
    public void lay(long requestId, Person requester, PolicyDetail policy) {
        store.removeOf(requestId);
        List<Signer> signers = new ArrayList<>();
        for (SignOffStep step : paths.of(policy.rules())) {
            Signer signer =
                    switch (step.by()) {
                        case APPROVER -> ofPerson(requester.approverId(), requester);
                        case ROLE -> new Signer(null, step.role());
                        case PERSON -> ofPerson(step.personId(), requester);
                    };
            // nobody signs the same request twice
            if (!signers.contains(signer)) {
                signers.add(signer);
            }
        }
        store.add(requestId, signers);
    }

    /** Nobody signs their own request: whoever decides for them does then, and an administrator where nobody does. */
    private static Signer ofPerson(Long personId, Person requester) {
        Long signer = Objects.equals(personId, requester.id()) ? requester.approverId() : personId;
        return signer == null ? new Signer(null, Role.ADMINISTRATOR) : new Signer(signer, null);
    }

    public List<SignOff> of(long requestId) {
        return store.of(requestId);
    }

    /** Whether whoever is signed in can decide: in turn, or as an administrator over the top. */
    public boolean mayDecide(Sent request) {
        return isInTurn(request) || user.get().may(Permission.DECIDE_FOR_EVERYBODY);
    }

    /** Whether whoever is signed in gives the next approval: as the one who is meant, or asked in their place. */
    public boolean isInTurn(Sent request) {
        SignedIn signedIn = user.get();
        List<SignOff> all = store.of(request.requestId());
        if (all.isEmpty()) {
            return reach.leads(request.requesterId());
        }
        boolean own =
                signedIn.person().filter(id -> id == request.requesterId()).isPresent();
        boolean signedBefore =
                all.stream().anyMatch(each -> each.signedById() != null && each.signedById() == signedIn.id());
        return !own
                && !signedBefore
                && signedIn.may(Permission.DECIDE_FOR_THE_ASSIGNED)
                && (WhoIsAsked.next(all).filter(each -> isMeant(each, signedIn)).isPresent()
                        || whoIsAsked
                                .of(request, all)
                                .filter(each -> isAsked(each, signedIn))
                                .isPresent());
    }

    private static boolean isMeant(SignOff signOff, SignedIn signedIn) {
        return signOff.personId() == null
                ? signOff.role() == signedIn.role()
                : signOff.personId().equals(signedIn.personId());
    }

    private static boolean isAsked(Asked asked, SignedIn signedIn) {
        return asked.personId() == null
                ? signedIn.may(Permission.DECIDE_FOR_EVERYBODY)
                : asked.personId().equals(signedIn.personId());
    }

    /** Whether whoever is signed in gives one of the approvals of a request, so that they may look at it. */
    public boolean isSigner(Sent request) {
        SignedIn signedIn = user.get();
        return signedIn.may(Permission.DECIDE_FOR_THE_ASSIGNED)
                && (store.of(request.requestId()).stream().anyMatch(each -> isMeant(each, signedIn))
                        || isInTurn(request));
    }

    /** Whether the next approval is the last one that is open. */
    public boolean isLast(long requestId) {
        return store.of(requestId).stream().filter(SignOff::isOpen).count() <= 1;
    }

    /** Gives the next approval. */
    public void sign(long requestId, LocalDateTime at) {
        WhoIsAsked.next(store.of(requestId)).ifPresent(open -> store.sign(requestId, open.step(), user.get(), at));
    }
}
