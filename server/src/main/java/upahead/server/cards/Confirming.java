package upahead.server.cards;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.cards.CardView.CardConfirmationView;
import upahead.server.cards.days.ConfirmationStore;
import upahead.server.cards.days.ConfirmationStore.Confirmation;
import upahead.server.cards.days.ConfirmationStore.Part;
import upahead.server.cards.rules.CardRules;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.Reach;
import upahead.server.organisation.Organisation;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.words.Words;

/** People and their approvers say that a card is right, where the pay group asks for it. */
@Service
public class Confirming {

    private final ConfirmationStore store;
    private final CardViews views;
    private final People people;
    private final Organisation organisation;
    private final Reach reach;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;

    Confirming(
            ConfirmationStore store,
            CardViews views,
            People people,
            Organisation organisation,
            Reach reach,
            CurrentUser user,
            Audit audit,
            MovableClock clock) {
        this.store = store;
        this.views = views;
        this.people = people;
        this.organisation = organisation;
        this.reach = reach;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
    }

    /**
     * Says that the card of the period that contains a day is right, or takes that back.
     *
     * @throws Refusal if nobody asks for it, the card has unfinished days, or its period is not over
     */
    @Transactional
    @PreAuthorize("@reach.actsFor(#personId)")
    public void confirm(long personId, LocalDate on, Part part, boolean right) {
        Person person = people.get(personId);
        DateSpan period = organisation
                .payGroup(people.placing(personId, on).payGroupId())
                .calendar()
                .periodOf(on);
        FilledCard card = views.card(person, period);
        if (!asked(card, period).contains(part)) {
            throw Refusal.conflict("The pay group does not ask for this.");
        }
        if (!mayConfirm(personId, part)) {
            throw Refusal.conflict(
                    part == Part.PERSON
                            ? "Only " + person.name() + " can say this."
                            : "Only the approver of " + person.name() + " can say this.");
        }
        if (right) {
            requireFinished(card, period);
            store.add(new Confirmation(personId, period, part, user.get().name(), clock.now()));
        } else {
            store.remove(personId, period.first(), part);
        }
        audit.record(
                Thing.PERSON,
                personId,
                (right ? "confirmed the time card of " : "took back the confirmation of the time card of ")
                        + Words.span(period),
                null,
                part == Part.PERSON ? "as the person" : "as the approver");
    }

    private void requireFinished(FilledCard card, DateSpan period) {
        if (!clock.today().isAfter(period.last())) {
            throw Refusal.conflict(
                    "The period runs until " + Words.day(period.last()) + "; the card can be confirmed the day after.");
        }
        List<UnfinishedDay> unfinished = card.unfinished(period);
        if (!unfinished.isEmpty()) {
            throw Refusal.conflict(
                    "Please finish " + Words.day(unfinished.get(0).on()) + " first: "
                            + unfinished.get(0).remarks().get(0).message());
        }
    }

    /** Who has to confirm a card and whether they have; empty where the group does not ask. */
    List<CardConfirmationView> of(Person person, FilledCard card, DateSpan period) {
        List<Confirmation> said = store.of(List.of(person.id()), period);
        List<CardConfirmationView> views = new ArrayList<>();
        for (Part part : asked(card, period)) {
            Optional<Confirmation> own =
                    said.stream().filter(each -> each.part() == part).findFirst();
            views.add(new CardConfirmationView(
                    part,
                    own.map(Confirmation::actor).orElse(null),
                    own.map(Confirmation::at).orElse(null),
                    mayConfirm(person.id(), part)));
        }
        return views;
    }

    /** Who has still to confirm which cards of a period, by the ids of those whose cards they are; nobody before it is over. */
    Map<Long, Set<Part>> missing(Map<Long, FilledCard> cards, DateSpan period) {
        if (!clock.today().isAfter(period.last())) {
            return new HashMap<>();
        }
        Map<Long, Set<Part>> said = said(cards.keySet(), period);
        Map<Long, Set<Part>> missing = new HashMap<>();
        cards.forEach((person, card) -> {
            Set<Part> open = asked(card, period);
            open.removeAll(said.getOrDefault(person, Set.of()));
            if (!open.isEmpty()) {
                missing.put(person, open);
            }
        });
        return missing;
    }

    private Map<Long, Set<Part>> said(Collection<Long> people, DateSpan period) {
        Map<Long, Set<Part>> said = new HashMap<>();
        store.of(people, period).forEach(each -> said.computeIfAbsent(each.personId(), person -> new HashSet<>())
                .add(each.part()));
        return said;
    }

    private static Set<Part> asked(FilledCard card, DateSpan period) {
        CardRules rules = card.life().rules(period.last());
        Set<Part> asked = new LinkedHashSet<>();
        if (rules.confirmedByPerson()) {
            asked.add(Part.PERSON);
        }
        if (rules.confirmedByApprover()) {
            asked.add(Part.APPROVER);
        }
        return asked;
    }

    private boolean mayConfirm(long personId, Part part) {
        return part == Part.PERSON
                ? user.get().person().filter(own -> own == personId).isPresent()
                : reach.leads(personId);
    }
}
