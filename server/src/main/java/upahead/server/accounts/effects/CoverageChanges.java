package upahead.server.accounts.effects;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Derivation;
import upahead.core.quantity.Amount;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.enrolment.CoverageEffect;
import upahead.server.enrolment.CoverageEffect.What;
import upahead.server.enrolment.CoverageEffects;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Coverage;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Says beforehand what another coverage of a policy, or its end, does to whom. */
@Service
public class CoverageChanges {

    /**
     * What happens to one person.
     *
     * @param left the balance on the last day, as forecast; 0 where nothing ends
     */
    public record PersonEffect(long personId, String person, String team, What what, LocalDate on, Amount left) {}

    private final Policies policies;
    private final CoverageEffects coverageEffects;
    private final People people;
    private final Accounts accounts;
    private final MovableClock clock;

    CoverageChanges(
            Policies policies, CoverageEffects coverageEffects, People people, Accounts accounts, MovableClock clock) {
        this.policies = policies;
        this.coverageEffects = coverageEffects;
        this.people = people;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** What another coverage from a day on does, ends first. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_PEOPLE)
    public List<PersonEffect> preview(long policyId, Coverage coverage, LocalDate from) {
        PolicyDetail policy = policies.get(policyId);
        List<CoverageEffect> effects = coverageEffects.of(policy, coverage, from);
        Map<Long, Person> byId = people
                .get(effects.stream().map(CoverageEffect::personId).toList())
                .stream()
                .collect(Collectors.toMap(Person::id, Function.identity()));
        Map<Long, Amount> left = left(policy, effects, byId);
        List<PersonEffect> views = new ArrayList<>();
        for (CoverageEffect effect : effects) {
            Person person = byId.get(effect.personId());
            views.add(new PersonEffect(
                    person.id(),
                    person.name(),
                    person.team(),
                    effect.what(),
                    effect.on(),
                    left.getOrDefault(person.id(), Amount.ZERO)));
        }
        views.sort(Comparator.comparing((PersonEffect view) -> view.what() != What.ENDS)
                .thenComparing(PersonEffect::person));
        return views;
    }

    private Map<Long, Amount> left(PolicyDetail policy, List<CoverageEffect> effects, Map<Long, Person> byId) {
        Map<Long, LocalDate> ends = effects.stream()
                .filter(effect -> effect.what() == What.ENDS)
                .collect(Collectors.toMap(CoverageEffect::personId, CoverageEffect::on));
        if (ends.isEmpty()) {
            return Map.of();
        }
        LocalDate last = ends.values().stream().max(LocalDate::compareTo).orElseThrow();
        Outlook outlook = Outlook.ahead(clock.today(), DateSpan.later(clock.today(), last));
        return accounts.of(ends.keySet().stream().map(byId::get).toList(), outlook, List.of(policy)).stream()
                .collect(Collectors.toMap(account -> account.person().id(), account -> Derivation.derive(
                                account.on(ends.get(account.person().id())),
                                ends.get(account.person().id()))
                        .balance(ends.get(account.person().id()))));
    }
}
