package upahead.server.facts.adjustments;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import upahead.core.quantity.Amount;
import upahead.server.employment.Person;
import upahead.server.enrolment.Enrolled;
import upahead.server.policies.PolicyDetail;

/** Why adjustments cannot be made; each row is looked at once, in order. */
public final class AdjustmentChecks {

    private static final int MOST_DECIMALS = 10;
    private static final Amount LARGEST = Amount.of(100_000);

    private final Map<Long, Person> people;
    private final Map<Long, PolicyDetail> policies;
    private final Map<Long, Set<Long>> enrolled = new HashMap<>();
    private final Set<AdjustmentRow> seen = new HashSet<>();

    public AdjustmentChecks(
            Collection<Person> people, Collection<PolicyDetail> policies, Collection<Enrolled> enrolled) {
        this.people = people.stream().collect(Collectors.toMap(Person::id, Function.identity()));
        this.policies = policies.stream().collect(Collectors.toMap(PolicyDetail::id, Function.identity()));
        enrolled.forEach(each -> this.enrolled
                .computeIfAbsent(each.personId(), unused -> new HashSet<>())
                .add(each.policyId()));
    }

    /** What stands in the way of one; nothing where it can be made. */
    public Optional<String> fault(AdjustmentRow row) {
        Person person = people.get(row.personId());
        PolicyDetail policy = policies.get(row.policyId());
        if (person == null || policy == null) {
            return Optional.of("There is no such " + (person == null ? "person." : "policy."));
        }
        if (policy.recordedOnly()) {
            return Optional.of(policy.name() + " is only recorded and has no balance.");
        }
        if (!enrolled.getOrDefault(person.id(), Set.of()).contains(policy.id())) {
            return Optional.of(person.name() + " is not enrolled in " + policy.name() + ".");
        }
        if (!seen.add(row)) {
            return Optional.of("The very same stands here twice.");
        }
        return faultOf(row.amount());
    }

    /** Why an amount cannot be adjusted by; nothing where it can. */
    static Optional<String> faultOf(Amount amount) {
        if (amount.isZero()) {
            return Optional.of("An adjustment of 0 changes nothing.");
        }
        return amount.value().scale() > MOST_DECIMALS
                        || amount.max(amount.negated()).isMoreThan(LARGEST)
                ? Optional.of("Please give an amount up to " + LARGEST + " with at most ten decimals.")
                : Optional.empty();
    }
}
