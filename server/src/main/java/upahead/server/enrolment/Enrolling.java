package upahead.server.enrolment;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.employment.Person;
import upahead.server.enrolment.CoverageEffect.What;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;
import upahead.server.policies.Coverage;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Enrols people as the coverage of policies says, and lets enrolments end and go on with it. */
@Service
public class Enrolling {

    private final EnrolmentStore store;
    private final CoverageEffects effects;
    private final EnrolmentEnds ends;
    private final Policies policies;
    private final LateChanges changes;
    private final Audit audit;

    Enrolling(
            EnrolmentStore store,
            CoverageEffects effects,
            EnrolmentEnds ends,
            Policies policies,
            LateChanges changes,
            Audit audit) {
        this.store = store;
        this.effects = effects;
        this.ends = ends;
        this.policies = policies;
        this.changes = changes;
        this.audit = audit;
    }

    /**
     * Does what the effects say.
     *
     * @param endings what becomes of the balances of enrolments that end, by their policies; each must be there
     * @throws Refusal if what becomes of a balance is not said, or it cannot go on where it is said to
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void apply(Collection<CoverageEffect> effects, Function<CoverageEffect, Optional<Ending>> endings) {
        enrol(beginning(effects));
        changes.noteAll(
                effects.stream()
                        .filter(effect -> effect.what() == What.BEGINS)
                        .collect(Collectors.toMap(CoverageEffect::personId, CoverageEffect::on, DateSpan::earlier)),
                from -> "Enrolled from " + Words.fullDay(from) + " on");
        Map<Long, PolicyDetail> byId =
                policies.all().stream().collect(Collectors.toMap(PolicyDetail::id, Function.identity()));
        for (CoverageEffect effect : effects) {
            switch (effect.what()) {
                case GOES_ON -> ends.reopen(effect.personId(), byId.get(effect.policyId()), effect.on());
                case NEVER_BEGINS -> drop(effect);
                case ENDS -> {
                    Ending ending = endings.apply(effect)
                            .orElseThrow(() -> Refusal.of(
                                    "endings", "Please say what becomes of what is left in " + effect.policy() + "."));
                    ends.end(effect.personId(), byId, effect.policyId(), effect.on(), ending);
                }
                default -> {}
            }
        }
    }

    private static List<Enrolled> beginning(Collection<CoverageEffect> effects) {
        return effects.stream()
                .filter(effect -> effect.what() == What.BEGINS)
                .map(effect -> Enrolled.from(effect.personId(), effect.policyId(), effect.on()))
                .toList();
    }

    private void enrol(List<Enrolled> added) {
        store.enrol(added);
        Map<Long, List<Enrolled>> byPolicy = added.stream().collect(Collectors.groupingBy(Enrolled::policyId));
        byPolicy.forEach((policyId, some) -> audit.record(
                Thing.POLICY,
                policyId,
                some.size() == 1 ? "enrolled a person" : "enrolled " + some.size() + " people",
                null,
                some));
    }

    private void drop(CoverageEffect effect) {
        store.drop(effect.personId(), effect.policyId());
        changes.note(
                effect.personId(),
                null,
                effect.on(),
                "Enrolment in " + effect.policy() + " taken back",
                Subject.PERSON,
                effect.personId());
        audit.record(Thing.PERSON, effect.personId(), "took back the enrolment in " + effect.policy(), effect, null);
    }

    /** Enrols people who were just added in every policy that covers them, and returns the effects. */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public List<CoverageEffect> enrolNew(Collection<Person> added) {
        List<CoverageEffect> begun = effects.ofNewcomers(added);
        enrol(beginning(begun));
        return begun;
    }

    /** Enrols whom a policy covers from a day on and who never was enrolled; returns how many. */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public int enrolCovered(long policyId, Coverage covering, LocalDate from) {
        Set<Long> already = new HashSet<>(store.peopleIn(policyId));
        List<Enrolled> added = effects.covered(covering, from).stream()
                .filter(person -> !already.contains(person.id()))
                .map(person -> Enrolled.from(person.id(), policyId, DateSpan.later(person.hired(), from)))
                .toList();
        enrol(added);
        return added.size();
    }

    /** Takes somebody out of every policy as if they had never been there, for a person entered by mistake. */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void forget(long personId) {
        store.drop(personId);
    }

    /**
     * Lets the enrolments that began on somebody's hire date begin on another one, not before the first version of their
     * policy.
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void followHireDate(long personId, LocalDate before, LocalDate after) {
        Map<Long, PolicyDetail> byId = policies.byId();
        for (Enrolled enrolled : store.of(List.of(personId))) {
            if (enrolled.enrolment().from().equals(before)) {
                LocalDate begins = byId.get(enrolled.policyId()).begins().orElse(after);
                store.move(personId, enrolled.policyId(), DateSpan.later(after, begins));
            }
        }
    }
}
