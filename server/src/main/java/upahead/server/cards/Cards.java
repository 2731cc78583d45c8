package upahead.server.cards;

import java.time.LocalDate;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.cards.CardView.CardDayView;
import upahead.server.cards.days.CardChange;
import upahead.server.cards.days.CardHistory;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.rights.Permission;

/** Time cards, looked at: each of a person and a pay period. */
@Service
public class Cards {

    private final CardViews views;
    private final Confirming confirming;
    private final CardHistory history;
    private final People people;
    private final Organisation organisation;
    private final LateChanges changes;
    private final CurrentUser user;

    Cards(
            CardViews views,
            Confirming confirming,
            CardHistory history,
            People people,
            Organisation organisation,
            LateChanges changes,
            CurrentUser user) {
        this.views = views;
        this.confirming = confirming;
        this.history = history;
        this.people = people;
        this.organisation = organisation;
        this.changes = changes;
        this.user = user;
    }

    /** Somebody's card of the pay period of the own group that contains a day. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public CardView card(long personId, LocalDate on) {
        Person person = people.get(personId);
        PayGroup group = organisation.payGroup(people.placing(personId, on).payGroupId());
        DateSpan period = group.calendar().periodOf(on);
        FilledCard card = views.card(person, period);
        List<CardDayView> days = views.days(person, card, period);
        SignedIn looking = user.get();
        boolean isPayroll = looking.may(Permission.RUN_PAYROLL);
        boolean types = isPayroll
                || (looking.person().filter(own -> own == personId).isPresent()
                        && card.life().rules(on).typedByPerson());
        return new CardView(
                personId,
                person.code(),
                person.name(),
                person.team(),
                group.name(),
                card.life().zone(on).getId(),
                period.first(),
                period.last(),
                changes.closedThroughIn(group.id()).orElse(null),
                types,
                isPayroll,
                days,
                views.totals(card, days, period),
                confirming.of(person, card, period));
    }

    /** A day of somebody's card in one line; empty where nothing stands there. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public String lineOf(long personId, LocalDate on) {
        return views.card(people.get(personId), new DateSpan(on, on)).stored().line(on);
    }

    /** Who changed which day of a card, newest first. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public List<CardChange> changes(long personId, DateSpan days) {
        return history.of(personId, days);
    }
}
