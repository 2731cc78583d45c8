package upahead.server.enrolment;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import upahead.server.employment.Person;
import upahead.server.policies.Coverage;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;

/** Finds who is covered twice for one kind of absence, or not at all for a kind that is meant for everybody. */
final class CoverageGaps {

    private CoverageGaps() {}

    /**
     * @param people the people looked at
     * @param enrolled their enrolments
     * @param all policies there are
     */
    static List<Doubled> of(Collection<Person> people, Collection<Enrolled> enrolled, Collection<PolicyDetail> all) {
        Map<Long, PolicyDetail> byId = all.stream().collect(Collectors.toMap(PolicyDetail::id, policy -> policy));
        Map<Long, List<PolicyDetail>> own = enrolled.stream()
                .collect(Collectors.groupingBy(
                        Enrolled::personId,
                        Collectors.mapping(each -> byId.get(each.policyId()), Collectors.toList())));
        Map<PolicyKind, Boolean> forEverybody = new EnumMap<>(PolicyKind.class);
        all.stream()
                .filter(policy -> policy.kind() != PolicyKind.OTHER && policy.retired() == null)
                .filter(policy -> policy.coverage() != null && policy.coverage().byRule())
                .forEach(policy -> forEverybody.merge(policy.kind(), coversAll(policy), (one, other) -> true));
        List<Doubled> found = new ArrayList<>();
        for (Person person :
                people.stream().sorted(Comparator.comparing(Person::name)).toList()) {
            Map<PolicyKind, List<String>> kinds = own.getOrDefault(person.id(), List.of()).stream()
                    .filter(policy -> policy.kind() != PolicyKind.OTHER)
                    .collect(Collectors.groupingBy(
                            PolicyDetail::kind, Collectors.mapping(PolicyDetail::name, Collectors.toList())));
            for (PolicyKind kind : PolicyKind.values()) {
                List<String> names = kinds.getOrDefault(kind, List.of());
                boolean missing = names.isEmpty() && forEverybody.getOrDefault(kind, false);
                if (missing || names.size() > 1) {
                    found.add(new Doubled(
                            person.id(),
                            person.name(),
                            kind,
                            names.stream().sorted().toList()));
                }
            }
        }
        return found;
    }

    /** Several policies of a kind that go by rules share everybody out between them. */
    private static boolean coversAll(PolicyDetail policy) {
        return policy.coverage().equals(Coverage.everybody());
    }
}
