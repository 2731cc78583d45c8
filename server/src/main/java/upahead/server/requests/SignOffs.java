package upahead.server.requests;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.Reach;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.SignOffPaths;
import upahead.server.policies.SignOffStep;
import upahead.server.requests.SignOffStore.Signer;

/** Whose approval a request needs next, and whether whoever is signed in gives it. */
@Component
class SignOffs {

    private final SignOffStore store;
    private final SignOffPaths paths;
    private final People people;
    private final Reach reach;
    private final CurrentUser user;

    SignOffs(SignOffStore store, SignOffPaths paths, People people, Reach reach, CurrentUser user) {
        this.store = store;
        this.paths = paths;
        this.people = people;
        this.reach = reach;
        this.user = user;
    }

    /** Lays down whose approvals a request needs; a later change of the path does not touch it. */
    void lay(long requestId, Person requester, PolicyDetail policy) {
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

    /** Nobody signs their own request: an administrator does then, and where nobody is assigned. */
    private static Signer ofPerson(Long personId, Person requester) {
        return personId == null || personId == requester.id()
                ? new Signer(null, Role.ADMINISTRATOR)
                : new Signer(personId, null);
    }

    List<SignOff> of(long requestId) {
        return store.of(requestId);
    }

    /** The approval that is open next, nothing where none is laid down or all are given. */
    Optional<SignOff> next(long requestId) {
        return store.of(requestId).stream().filter(SignOff::isOpen).findFirst();
    }

    /** The person who gives the next approval, nothing where anybody of a role does. */
    Optional<Person> nextPerson(long requestId) {
        return next(requestId).map(SignOff::personId).map(people::get);
    }

    /** Whether whoever is signed in can decide: in turn, or as an administrator over the top. */
    boolean mayDecide(RequestSummary request) {
        return isInTurn(request) || user.get().may(Permission.DECIDE_FOR_EVERYBODY);
    }

    /** Whether whoever is signed in gives the next approval. */
    boolean isInTurn(RequestSummary request) {
        SignedIn signedIn = user.get();
        List<SignOff> all = store.of(request.id());
        if (all.isEmpty()) {
            return reach.leads(request.personId());
        }
        boolean own = signedIn.person().filter(id -> id == request.personId()).isPresent();
        boolean signedBefore =
                all.stream().anyMatch(each -> each.signedById() != null && each.signedById() == signedIn.id());
        return !own
                && !signedBefore
                && signedIn.may(Permission.DECIDE_FOR_THE_ASSIGNED)
                && all.stream()
                        .filter(SignOff::isOpen)
                        .findFirst()
                        .filter(each -> each.personId() == null
                                ? each.role() == signedIn.role()
                                : each.personId().equals(signedIn.personId()))
                        .isPresent();
    }

    /** Whether whoever is signed in gives one of the approvals of a request, so that they may look at it. */
    boolean isSigner(RequestSummary request) {
        SignedIn signedIn = user.get();
        return signedIn.may(Permission.DECIDE_FOR_THE_ASSIGNED)
                && store.of(request.id()).stream()
                        .anyMatch(each -> each.personId() == null
                                ? each.role() == signedIn.role()
                                : each.personId().equals(signedIn.personId()));
    }

    /** Whether the next approval is the last one that is open. */
    boolean isLast(long requestId) {
        return store.of(requestId).stream().filter(SignOff::isOpen).count() <= 1;
    }

    /** Gives the next approval. */
    void sign(long requestId, LocalDateTime at) {
        next(requestId).ifPresent(open -> store.sign(requestId, open.step(), user.get(), at));
    }
}
