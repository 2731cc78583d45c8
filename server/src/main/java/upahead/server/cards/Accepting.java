package upahead.server.cards;

import java.time.LocalDate;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.cards.days.AcceptanceStore;
import upahead.server.cards.days.AcceptanceStore.Acceptance;
import upahead.server.cards.days.CardRemark;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.words.Words;

/** Approvers and payroll say with a note that a day is right although it looks wrong. */
@Service
public class Accepting {

    private final AcceptanceStore store;
    private final CardViews views;
    private final People people;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;

    Accepting(
            AcceptanceStore store, CardViews views, People people, CurrentUser user, Audit audit, MovableClock clock) {
        this.store = store;
        this.views = views;
        this.people = people;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
    }

    /**
     * @param note why it is right, not blank
     * @throws Refusal if nothing of the kind is to be said of that day, or it has to be mended
     */
    @Transactional
    @PreAuthorize("@reach.leads(#personId)")
    public void accept(long personId, LocalDate on, CardRemark.Kind what, String note) {
        if (what.mustBeMended()) {
            throw Refusal.of("what", "This has to be put right; it cannot be accepted as it is.");
        }
        Person person = people.get(personId);
        List<CardRemark> remarks = views.card(person, new DateSpan(on, on)).remarks(on).stream()
                .filter(remark -> remark.kind() == what)
                .toList();
        if (remarks.isEmpty()) {
            throw Refusal.conflict("There is nothing of the kind on " + Words.day(on) + " any more.");
        }
        store.add(new Acceptance(personId, on, what, note, user.get().name(), clock.now()));
        audit.record(
                Thing.PERSON,
                personId,
                "accepted a day of the time card",
                on + ": " + remarks.get(0).message(),
                note);
    }
}
