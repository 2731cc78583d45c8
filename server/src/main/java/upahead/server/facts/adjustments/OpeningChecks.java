package upahead.server.facts.adjustments;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import upahead.core.facts.OpeningBalance;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.policy.Policy;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;
import upahead.server.employment.Person;
import upahead.server.enrolment.Enrolled;
import upahead.server.facts.adjustments.OpeningCheck.RowCheck;
import upahead.server.platform.words.Words;
import upahead.server.policies.PolicyDetail;

/** Looks at opening balances beside what is known of their people and policies; each row once, in order. */
final class OpeningChecks {

    private final Map<Long, Person> people;
    private final Map<Long, PolicyDetail> policies;
    private final Function<PolicyDetail, Policy> rules;
    private final Map<Long, Map<Long, Enrolled>> enrolled;
    private final Map<Long, List<OpeningFact>> openings;
    private final LocalDate today;
    private final Set<List<Long>> seen = new HashSet<>();
    private final Map<Long, Policy> computed = new HashMap<>();

    OpeningChecks(
            Collection<Person> people,
            Collection<PolicyDetail> policies,
            Function<PolicyDetail, Policy> rules,
            Collection<Enrolled> enrolled,
            Map<Long, List<OpeningFact>> openings,
            LocalDate today) {
        this.people = people.stream().collect(Collectors.toMap(Person::id, Function.identity()));
        this.policies = policies.stream().collect(Collectors.toMap(PolicyDetail::id, Function.identity()));
        this.rules = rules;
        this.enrolled = enrolled.stream()
                .collect(Collectors.groupingBy(
                        Enrolled::personId, Collectors.toMap(Enrolled::policyId, Function.identity())));
        this.openings = openings;
        this.today = today;
    }

    RowCheck check(OpeningRow row) {
        List<String> faults = faults(row);
        if (!faults.isEmpty()) {
            return new RowCheck(OpeningCheck.State.WRONG, faults);
        }
        Optional<OpeningBalance> before =
                OpeningLines.newest(openings.getOrDefault(row.personId(), List.of()), row.policyId());
        if (before.isEmpty()) {
            return new RowCheck(OpeningCheck.State.NEW, cautions(row));
        }
        return row.says(before.get())
                ? new RowCheck(OpeningCheck.State.SAME, List.of())
                : new RowCheck(OpeningCheck.State.CHANGED, changed(row, before.get()));
    }

    private List<String> changed(OpeningRow row, OpeningBalance before) {
        List<String> says = new ArrayList<>();
        says.add("was " + before.balance() + " on " + Words.fullDay(before.on()));
        says.addAll(cautions(row));
        return says;
    }

    private List<String> faults(OpeningRow row) {
        List<String> faults = new ArrayList<>();
        Person person = people.get(row.personId());
        PolicyDetail policy = policies.get(row.policyId());
        if (person == null || policy == null) {
            faults.add("there is no such " + (person == null ? "person" : "policy"));
            return faults;
        }
        if (policy.recordedOnly()) {
            faults.add(policy.name() + " is only recorded and has no balance");
        }
        if (!seen.add(List.of(row.personId(), row.policyId()))) {
            faults.add(person.name() + " stands here twice with " + policy.name());
        }
        if (!enrolled.getOrDefault(row.personId(), Map.of()).containsKey(row.policyId())) {
            faults.add(person.name() + " is not enrolled in " + policy.name());
        }
        if (row.on().isBefore(person.hired().minusDays(1))) {
            faults.add("that is before the hire date, " + Words.fullDay(person.hired()));
        }
        if (row.on().isAfter(today.plusYears(1))) {
            faults.add(Words.fullDay(row.on()) + " is more than a year ahead");
        }
        if (row.earnedThisYear().isNegative()
                || row.usedThisYear().isNegative()
                || row.hoursTowardNextStep().isNegative()) {
            faults.add("earned, used and hours so far must be at least 0");
        }
        return faults;
    }

    private List<String> cautions(OpeningRow row) {
        Optional<Terms> terms = computed.computeIfAbsent(row.policyId(), id -> rules.apply(policies.get(id)))
                .versions()
                .on(row.on());
        if (terms.isEmpty()) {
            return List.of("the policy is not in force on that day");
        }
        Limits limits = terms.get().limits();
        List<String> cautions = new ArrayList<>();
        above(row.balance(), limits.on(Limit.BALANCE), "more than may be held", cautions);
        above(row.earnedThisYear(), limits.on(Limit.EARNED_PER_YEAR), "more earned than a year allows", cautions);
        above(row.usedThisYear(), limits.on(Limit.USED_PER_YEAR), "more used than a year allows", cautions);
        if (row.balance().isNegative() && row.balance().negated().isMoreThan(limits.orZero(Limit.OVERDRAW))) {
            cautions.add("overdrawn by more than is allowed, " + limits.orZero(Limit.OVERDRAW));
        }
        return cautions;
    }

    private void above(Amount figure, Optional<Amount> limit, String says, List<String> cautions) {
        limit.filter(figure::isMoreThan).ifPresent(most -> cautions.add(says + ", " + most));
    }
}
