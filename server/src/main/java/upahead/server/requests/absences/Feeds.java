package upahead.server.requests.absences;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.access.Tokens;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.leave.Absent;
import upahead.server.requests.leave.AbsentStore;

/** Absences for calendar programs, by secret addresses that show no more than whoever made them may see. */
@Service
public class Feeds {

    private static final int MONTHS_BACK = 3;
    private static final int MONTHS_AHEAD = 15;
    private static final int MOST = 10;

    private final FeedStore store;
    private final AbsentStore absences;
    private final WhatIsSeen sight;
    private final SignIns signIns;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;

    Feeds(
            FeedStore store,
            AbsentStore absences,
            WhatIsSeen sight,
            SignIns signIns,
            CurrentUser user,
            Audit audit,
            MovableClock clock) {
        this.store = store;
        this.absences = absences;
        this.sight = sight;
        this.signIns = signIns;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
    }

    /**
     * A new address, told this once.
     *
     * @param path of the address, with its secret
     */
    public record NewFeed(Feed feed, String path) {}

    /** One's own addresses, without their secrets. */
    @Transactional(readOnly = true)
    public List<Feed> own() {
        return store.of(user.get().id());
    }

    /**
     * Makes an address.
     *
     * @throws Refusal if there are ten already
     */
    @Transactional
    public NewFeed make(Feed.Scope scope) {
        SignedIn me = user.get();
        if (store.of(me.id()).size() >= MOST) {
            throw Refusal.conflict("There are " + MOST + " addresses already; please revoke one that is not used.");
        }
        String token = Tokens.random();
        long id = store.add(me.id(), Tokens.hash(token), scope, clock.now());
        audit.record(Thing.SIGN_IN, me.id(), "made a calendar address", null, scope);
        return new NewFeed(new Feed(id, scope, clock.now(), null), "/feeds/" + token + ".ics");
    }

    /**
     * Lets one of one's own addresses hold no more, at once.
     *
     * @throws Refusal if there is no such address
     */
    @Transactional
    public List<Feed> revoke(long id) {
        SignedIn me = user.get();
        if (!store.remove(me.id(), id)) {
            throw Refusal.notFound("calendar address");
        }
        audit.record(Thing.SIGN_IN, me.id(), "revoked a calendar address", null, null);
        return store.of(me.id());
    }

    /**
     * What an address shows now.
     *
     * @throws Refusal if there is no such address, it was revoked, or the sign-in behind it is switched off
     */
    @Transactional
    public String read(String token) {
        FeedStore.Made made = store.find(Tokens.hash(token)).orElseThrow(() -> Refusal.notFound("calendar"));
        SignedIn maker = signIns.active(made.signInId()).orElseThrow(() -> Refusal.notFound("calendar"));
        store.read(made.feed().id(), clock.now());
        return user.actAs(maker, () -> FeedFile.write(seen(made.feed().scope()), sight.now()));
    }

    private List<Absent> seen(Feed.Scope scope) {
        LocalDate today = clock.today();
        DateSpan days = new DateSpan(today.minusMonths(MONTHS_BACK), today.plusMonths(MONTHS_AHEAD));
        WhatIsSeen.Seer seer = sight.now();
        return absences.within(days, scope == Feed.Scope.EVERYBODY ? null : seer.teamId()).stream()
                .filter(seer::sees)
                .filter(absent -> scope != Feed.Scope.OWN || Objects.equals(absent.personId(), seer.personId()))
                .toList();
    }
}
