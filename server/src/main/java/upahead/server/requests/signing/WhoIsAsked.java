package upahead.server.requests.signing;

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
import upahead.server.platform.access.SignIns;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.Permission;
import upahead.server.requests.signing.SignOffs.Sent;

/** Who is asked today in the place of whoever was meant: that person, a stand-in, the next higher or the administrators. */
@Component
public class WhoIsAsked {

    private final SignOffStore store;
    private final StandInStore standIns;
    private final AwayToday away;
    private final SignIns signIns;
    private final People people;
    private final MovableClock clock;

    WhoIsAsked(
            SignOffStore store,
            StandInStore standIns,
            AwayToday away,
            SignIns signIns,
            People people,
            MovableClock clock) {
        this.store = store;
        this.standIns = standIns;
        this.away = away;
        this.signIns = signIns;
        this.people = people;
        this.clock = clock;
    }

    /** Who is asked for the next approval today; nothing where all are given, or anybody of a role gives it. */
    public Optional<Asked> of(Sent request) {
        return of(request, store.of(request.requestId()));
    }

    /** The same with the sign-offs as they stand. */
    Optional<Asked> of(Sent request, List<SignOff> all) {
        return asked(request, all, signers(List.of()));
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
        of(request).ifPresent(asked -> {
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

    static Optional<SignOff> next(List<SignOff> all) {
        return all.stream().filter(SignOff::isOpen).findFirst();
    }
}
