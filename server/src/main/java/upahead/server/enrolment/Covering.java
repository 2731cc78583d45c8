package upahead.server.enrolment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.platform.words.Words;
import upahead.server.policies.Coverage;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyStates;

/** Whom policies cover, and who is covered twice or not at all. */
@Service
public class Covering {

    private static final int MOST_KEPT = 50_000;

    private final Policies policies;
    private final PolicyStates states;
    private final Enrolments enrolments;
    private final People people;
    private final Audit audit;
    private final Enrolling enrolling;
    private final CoverageEffects coverageEffects;
    private final WhileUnchanged<LocalDate, Doubled> known;

    Covering(
            Policies policies,
            PolicyStates states,
            Enrolments enrolments,
            People people,
            Audit audit,
            Enrolling enrolling,
            CoverageEffects coverageEffects,
            TurnStore turns) {
        this.policies = policies;
        this.states = states;
        this.enrolments = enrolments;
        this.people = people;
        this.audit = audit;
        this.enrolling = enrolling;
        this.coverageEffects = coverageEffects;
        this.known = WhileUnchanged.byTheDay(turns, MOST_KEPT);
    }

    /**
     * Lets other people be covered from a day on.
     *
     * @param ending what becomes of the balances of those who are not covered any more; null where nobody is
     * @throws Refusal if somebody's enrolment ends and what becomes of the balance is not said, or the policy is retired
     *     or was never in force
     */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public PolicyDetail cover(long policyId, Coverage coverage, LocalDate from, Ending ending) {
        PolicyDetail before = policies.get(policyId);
        if (before.retired() != null || before.begins().isEmpty()) {
            throw Refusal.conflict("Only a policy in force covers people.");
        }
        List<CoverageEffect> effects = coverageEffects.of(before, coverage, from);
        states.cover(policyId, coverage);
        enrolling.apply(effects, effect -> Optional.ofNullable(ending));
        audit.record(
                Thing.POLICY,
                policyId,
                "changed who is covered from " + Words.fullDay(from),
                before.coverage(),
                coverage);
        return policies.get(policyId);
    }

    /**
     * Retires a policy: every enrolment ends on a day and nobody is enrolled any more. Nothing of the past is lost.
     *
     * @throws Refusal if it is retired already
     */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public PolicyDetail retire(long policyId, LocalDate lastDay, Ending ending) {
        PolicyDetail policy = policies.get(policyId);
        if (policy.retired() != null) {
            throw Refusal.conflict("This policy is retired already.");
        }
        List<CoverageEffect> ends = enrolments.inPolicy(policyId).stream()
                .filter(Enrolled::isOpen)
                .map(enrolled -> CoverageEffect.of(
                        enrolled.personId(),
                        policy,
                        CoverageEffect.What.ENDS,
                        DateSpan.later(lastDay, enrolled.enrolment().from())))
                .toList();
        enrolling.apply(ends, effect -> Optional.of(ending));
        states.retire(policyId, lastDay);
        audit.record(Thing.POLICY, policyId, "retired the policy", null, lastDay);
        return policies.get(policyId);
    }

    /** Brings a retired policy back: the enrolments that ended with it go on as if it had never been retired. */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public PolicyDetail bringBack(long policyId) {
        PolicyDetail policy = policies.get(policyId);
        LocalDate retired = policy.retired();
        if (retired == null) {
            throw Refusal.conflict("This policy is not retired.");
        }
        states.retire(policyId, null);
        List<CoverageEffect> goOn = new ArrayList<>();
        for (Enrolled enrolled : enrolments.inPolicy(policyId)) {
            LocalDate end = DateSpan.later(retired, enrolled.enrolment().from());
            if (enrolled.enrolment()
                    .ends()
                    .filter(each -> each.on().equals(end))
                    .isPresent()) {
                goOn.add(CoverageEffect.of(enrolled.personId(), policy, CoverageEffect.What.GOES_ON, end.plusDays(1)));
            }
        }
        enrolling.apply(goOn, effect -> Optional.empty());
        audit.record(Thing.POLICY, policyId, "brought the policy back", retired, null);
        return policies.get(policyId);
    }

    /** Everybody who is enrolled in two policies of the same kind on a day, or in none of a kind meant for everybody. */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public List<Doubled> doubled(LocalDate on) {
        return known.of(
                on,
                () -> CoverageGaps.of(
                        people.search(PeopleQuery.everybodyOn(on)).stream()
                                .filter(person -> person.isEmployedWithin(on, on))
                                .toList(),
                        enrolments.on(on),
                        policies.all()));
    }

    /** The same of some people, from the later of a day and their hire date on. */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public List<Doubled> doubled(Collection<Long> personIds, LocalDate from) {
        List<Enrolled> enrolled = enrolments.of(personIds).stream()
                .filter(each -> each.enrolment()
                        .ends()
                        .filter(end -> end.on().isBefore(from))
                        .isEmpty())
                .toList();
        List<Person> employed = people.get(personIds).stream()
                .filter(person -> person.lastDay() == null || !person.lastDay().isBefore(from))
                .toList();
        return CoverageGaps.of(employed, enrolled, policies.all());
    }
}
