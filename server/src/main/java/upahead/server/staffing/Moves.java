package upahead.server.staffing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.leave.Taken;
import upahead.core.ledger.Derivation;
import upahead.core.quantity.Amount;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.Placing;
import upahead.server.employment.Workplaces;
import upahead.server.enrolment.CoverageEffect;
import upahead.server.enrolment.CoverageEffect.What;
import upahead.server.enrolment.CoverageEffects;
import upahead.server.enrolment.Ending;
import upahead.server.enrolment.Enrolled;
import upahead.server.enrolment.Enrolling;
import upahead.server.enrolment.Enrolments;
import upahead.server.organisation.Named;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.periods.LateChanges;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;
import upahead.server.policies.PolicyDetail;

/** Moves people between teams, sites, kinds of employment, pay groups and approvers, with their enrolments. */
@Service
public class Moves {

    private final People people;
    private final Workplaces workplaces;
    private final Organisation organisation;
    private final Enrolments enrolments;
    private final Endings endings;
    private final Accounts accounts;
    private final LateChanges changes;
    private final MovableClock clock;
    private final Enrolling enrolling;
    private final CoverageEffects coverageEffects;

    Moves(
            People people,
            Workplaces workplaces,
            Organisation organisation,
            Enrolments enrolments,
            Endings endings,
            Accounts accounts,
            LateChanges changes,
            MovableClock clock,
            Enrolling enrolling,
            CoverageEffects coverageEffects) {
        this.people = people;
        this.workplaces = workplaces;
        this.organisation = organisation;
        this.enrolments = enrolments;
        this.endings = endings;
        this.accounts = accounts;
        this.changes = changes;
        this.clock = clock;
        this.enrolling = enrolling;
        this.coverageEffects = coverageEffects;
    }

    /**
     * What a move would do to somebody's enrolments and balances.
     *
     * @throws Refusal if it cannot be made from that day on
     */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_PEOPLE)
    public List<EffectView> preview(long personId, LocalDate from, Placing placing) {
        Person person = people.get(personId);
        Placing before = people.placing(personId, from);
        requirePossible(person, from, before, placing);
        return views(person, effects(person, before, placing, from));
    }

    /**
     * Moves somebody from a day on.
     *
     * @param chosen what becomes of the balances of policies that do not cover them any more, by these policies; what is
     *     suggested beforehand where nothing is said
     * @throws Refusal if it cannot be made from that day on, or a balance cannot go on where it is said to
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void make(long personId, LocalDate from, Placing placing, Map<Long, Ending> chosen) {
        Person person = people.get(personId);
        Placing before = people.placing(personId, from);
        requirePossible(person, from, before, placing);
        List<CoverageEffect> effects = effects(person, before, placing, from);
        workplaces.place(personId, from, placing);
        apply(effects, chosen);
    }

    /** Takes a move back: what held before goes on, also the enrolments that ended with it. */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void takeBack(long personId, LocalDate from) {
        Person person = people.get(personId);
        Placing moved = people.placing(personId, from);
        Placing before = people.placing(personId, from.minusDays(1));
        requirePossible(person, from, moved, before);
        List<CoverageEffect> effects = effects(person, moved, before, from);
        workplaces.takeBackPlacement(personId, from);
        apply(effects, Map.of());
    }

    private List<CoverageEffect> effects(Person person, Placing before, Placing after, LocalDate from) {
        return coverageEffects.of(List.of(new CoverageEffects.Move(person, before, after)), from);
    }

    private void apply(List<CoverageEffect> effects, Map<Long, Ending> chosen) {
        Map<Long, PolicyDetail> byId = endings.policies();
        enrolling.apply(effects, effect -> Optional.ofNullable(chosen.get(effect.policyId()))
                .or(() -> endings.suggested(effect, effects, byId)));
    }

    private void requirePossible(Person person, LocalDate from, Placing before, Placing after) {
        if (from.isBefore(person.hired())) {
            throw Refusal.of("from", "That is before the hire date, " + Words.fullDay(person.hired()) + ".");
        }
        if (person.lastDay() != null && from.isAfter(person.lastDay())) {
            throw Refusal.of("from", "That is after the last day, " + Words.fullDay(person.lastDay()) + ".");
        }
        if (before.payGroupId() != after.payGroupId()) {
            requirePeriodStart(before.payGroupId(), from);
            requireOpen(before.payGroupId(), from);
            requireOpen(after.payGroupId(), from);
        }
    }

    /** Each day is paid in one period of one group, so that somebody changes the group between two periods. */
    private void requirePeriodStart(long payGroupId, LocalDate from) {
        PayGroup group = organisation.payGroup(payGroupId);
        DateSpan period = group.calendar().periodOf(from);
        if (!period.first().equals(from)) {
            throw Refusal.of(
                    "from",
                    "The pay group can change from the first day of a period of " + group.name() + " on: "
                            + Words.fullDay(period.first()) + " or "
                            + Words.fullDay(group.calendar().after(period).first()) + ".");
        }
    }

    private void requireOpen(long payGroupId, LocalDate from) {
        changes.closedThroughIn(payGroupId)
                .filter(closed -> !from.isAfter(closed))
                .ifPresent(closed -> {
                    throw Refusal.of(
                            "from",
                            organisation.payGroup(payGroupId).name() + " is closed through " + Words.fullDay(closed)
                                    + "; the pay group can change after that day.");
                });
    }

    private List<EffectView> views(Person person, List<CoverageEffect> effects) {
        Map<Long, PolicyDetail> byId = endings.policies();
        List<Long> enrolled = enrolments.of(List.of(person.id())).stream()
                .filter(each -> each.enrolment().ends().isEmpty())
                .map(Enrolled::policyId)
                .toList();
        Map<Long, PersonAccount> own = new HashMap<>();
        effects.stream()
                .filter(effect -> effect.what() == What.ENDS)
                .map(CoverageEffect::on)
                .max(LocalDate::compareTo)
                .ifPresent(last -> accounts.of(
                                List.of(person), Outlook.ahead(clock.today(), DateSpan.later(clock.today(), last)))
                        .forEach(account -> own.put(account.policy().id(), account)));
        List<EffectView> views = new ArrayList<>();
        for (CoverageEffect effect : effects) {
            views.add(view(effect, effects, enrolled, byId, Optional.ofNullable(own.get(effect.policyId()))));
        }
        return views;
    }

    private EffectView view(
            CoverageEffect effect,
            Collection<CoverageEffect> effects,
            Collection<Long> enrolled,
            Map<Long, PolicyDetail> byId,
            Optional<PersonAccount> account) {
        boolean ends = effect.what() == What.ENDS;
        return new EffectView(
                effect.policyId(),
                effect.policy(),
                effect.unit(),
                effect.what(),
                effect.on(),
                ends
                        ? account.map(each -> Derivation.derive(each.on(effect.on()), effect.on())
                                        .balance(effect.on()))
                                .orElse(Amount.ZERO)
                        : null,
                ends ? account.map(each -> bookedAfter(each, effect.on())).orElse(Amount.ZERO) : null,
                ends
                        ? Endings.canGoOnIn(effect, effects, enrolled, byId).stream()
                                .map(id -> new Named(id, byId.get(id).name()))
                                .toList()
                        : List.of(),
                endings.suggested(effect, effects, byId).orElse(null));
    }

    private static Amount bookedAfter(PersonAccount account, LocalDate end) {
        return Amount.sum(account.account().facts().taken().stream()
                .filter(taken -> taken.on().isAfter(end))
                .map(Taken::amount)
                .toList());
    }
}
