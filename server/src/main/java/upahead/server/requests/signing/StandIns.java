package upahead.server.requests.signing;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Naming who signs in one's place; an administrator does so for others. */
@Service
public class StandIns {

    private final StandInStore store;
    private final People people;
    private final Deciders deciders;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;

    StandIns(StandInStore store, People people, Deciders deciders, CurrentUser user, Audit audit, MovableClock clock) {
        this.store = store;
        this.people = people;
        this.deciders = deciders;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
    }

    /** Of one person, those that hold today or later, in order of time. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public List<StandIn> of(long personId) {
        return store.of(personId, clock.today());
    }

    /** Who can be named: everybody employed who decides for others, without the person. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public List<Choice> choices(long personId) {
        return deciders.today().stream()
                .filter(person -> person.id() != personId)
                .map(person -> new Choice(person.id(), person.name(), person.team()))
                .toList();
    }

    /** Somebody who can be named. */
    public record Choice(long personId, String name, String team) {}

    /**
     * Names who signs in somebody's place.
     *
     * @throws Refusal if the days are none, overlap others, or the one named cannot sign
     */
    @Transactional
    public List<StandIn> name(long personId, long standInId, LocalDate first, LocalDate last) {
        requireOwn(personId);
        people.lock(personId);
        if (last.isBefore(first)) {
            throw Refusal.of("last", "The last day is before the first.");
        }
        if (last.isBefore(clock.today())) {
            throw Refusal.of("last", "These days have passed.");
        }
        if (choices(personId).stream().noneMatch(choice -> choice.personId() == standInId)) {
            throw Refusal.of("standInId", "Please choose somebody who signs in and decides for others.");
        }
        store.of(personId, first).stream()
                .filter(other -> !other.first().isAfter(last))
                .findFirst()
                .ifPresent(other -> {
                    throw Refusal.of(
                            "first",
                            other.standIn() + " stands in from " + Words.day(other.first()) + " to "
                                    + Words.day(other.last()) + " already.");
                });
        Person standIn = people.get(standInId);
        store.add(personId, standInId, standIn.name(), first, last, user.get().name(), clock.now());
        audit.record(Thing.PERSON, personId, "named a stand-in", null, standIn.name() + ", " + first + " to " + last);
        return of(personId);
    }

    /**
     * Takes back who signs in somebody's place.
     *
     * @throws Refusal if there is no such stand-in
     */
    @Transactional
    public List<StandIn> remove(long personId, long id) {
        requireOwn(personId);
        StandIn removed = store.find(id)
                .filter(each -> each.personId() == personId)
                .orElseThrow(() -> Refusal.notFound("stand-in"));
        store.remove(id);
        audit.record(
                Thing.PERSON,
                personId,
                "removed a stand-in",
                removed.standIn() + ", " + removed.first() + " to " + removed.last(),
                null);
        return of(personId);
    }

    private void requireOwn(long personId) {
        SignedIn signedIn = user.get();
        boolean own = Objects.equals(signedIn.personId(), personId) && signedIn.may(Permission.DECIDE_FOR_THE_ASSIGNED);
        if (!own && !signedIn.may(Permission.DECIDE_FOR_EVERYBODY)) {
            throw new AccessDeniedException("not one's own stand-in");
        }
    }
}
