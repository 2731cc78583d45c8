package upahead.server.requests.signing;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.Reach;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.SignOffPaths;
import upahead.server.policies.SignOffStep;
import upahead.server.requests.signing.SignOffStore.Signer;

/** Whose approval a request needs next, and whether whoever is signed in gives it. */
@Component
public class SignOffs {

    private final SignOffStore store;
    private final StandInStore standIns;
    private final AwayToday away;
    private final SignOffPaths paths;
    private final SignIns signIns;
    private final People people;
    private final Reach reach;
    private final CurrentUser user;
    private final MovableClock clock;

    SignOffs(
            SignOffStore store,
            StandInStore standIns,
            AwayToday away,
            SignOffPaths paths,
            SignIns signIns,
            People people,
            Reach reach,
            CurrentUser user,
            MovableClock clock) {
        this.store = store;
        this.standIns = standIns;
        this.away = away;
        this.paths = paths;
        this.signIns = signIns;
        this.people = people;
        this.reach = reach;
        this.user = user;
        this.clock = clock;
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

    /** Who is asked for the next approval today; nothing where all are given, or anybody of a role gives it. */
    public Optional<Asked> asked(Sent request) {
        return asked(request, store.of(request.requestId()), signers(List.of()));
    }

    private static Optional<Asked> asked(Sent request, List<SignOff> all, Signers signers) {
        Set<Long> signed =
                all.stream().map(SignOff::signerId).filter(Objects::nonNull).collect(Collectors.toSet());
        return next(all)
                .filter(open -> open.personId() != null)
                .map(open -> signers.ask(open.personId(), request.requesterId(), signed));
    }

    /** Whom to tell that the next approval of a request is theirs. */
    public Set<Long> toTell(Sent request) {
        Optional<SignOff> open = next(store.of(request.requestId()));
        Set<Long> told = new HashSet<>();
        open.filter(each -> each.personId() == null).ifPresent(each -> told.addAll(signIns.peopleIn(each.role())));
        asked(request).ifPresent(asked -> {
            if (asked.personId() == null) {
                told.addAll(signIns.peopleWho(Permission.DECIDE_FOR_EVERYBODY));
            } else {
                told.add(asked.personId());
            }
        });
        told.remove(request.requesterId());
        return told;
    }

    /** Who is asked today about what somebody wants, besides sign-offs. */
    public Set<Long> leadersOf(Person person) {
        Long leader = person.approverId() == null
                ? null
                : signers(List.of())
                        .ask(person.approverId(), person.id(), Set.of())
                        .personId();
        return leader == null ? signIns.peopleWho(Permission.DECIDE_FOR_EVERYBODY) : Set.of(leader);
    }

    /**
     * @param meant who is looked at for certain
     */
    private Signers signers(Collection<Long> meant) {
        return new Signers(
                clock.today(),
                standIns.on(clock.today()),
                away.awayOn(clock.today()),
                signIns.peopleWho(Permission.DECIDE_FOR_THE_ASSIGNED),
                people.get(meant),
                people::get);
    }

    private static Optional<SignOff> next(List<SignOff> all) {
        return all.stream().filter(SignOff::isOpen).findFirst();
    }

    /** Of some waiting requests those whose next approval is asked of a person in the place of another. */
    public Set<Long> askedInPlaceOfAnother(long personId, Collection<Sent> waiting) {
        Map<Long, List<SignOff>> all =
                store.of(waiting.stream().map(Sent::requestId).toList());
        Signers signers = signers(all.values().stream()
                .flatMap(List::stream)
                .filter(SignOff::isOpen)
                .map(SignOff::personId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet()));
        Set<Long> asked = new HashSet<>();
        for (Sent request : waiting) {
            asked(request, all.getOrDefault(request.requestId(), List.of()), signers)
                    .filter(each -> Objects.equals(each.personId(), personId))
                    .ifPresent(unused -> asked.add(request.requestId()));
        }
        return asked;
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
                && (next(all).filter(each -> isMeant(each, signedIn)).isPresent()
                        || asked(request, all, signers(List.of()))
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
        next(store.of(requestId)).ifPresent(open -> store.sign(requestId, open.step(), user.get(), at));
    }
}
