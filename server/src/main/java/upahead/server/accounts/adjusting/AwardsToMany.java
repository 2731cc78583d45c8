package upahead.server.accounts.adjusting;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Rounding;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.enrolment.Enrolled;
import upahead.server.enrolment.Enrolments;
import upahead.server.facts.adjustments.AdjustmentRow;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;

/** Finds who gets the same adjustment. */
@Component
public class AwardsToMany {

    private final People people;
    private final Enrolments enrolments;
    private final Policies policies;

    AwardsToMany(People people, Enrolments enrolments, Policies policies) {
        this.people = people;
        this.enrolments = enrolments;
        this.policies = policies;
    }

    /**
     * The adjustments of those who get something, by name.
     *
     * @throws Refusal if the policy has no balance or nobody would get anything
     */
    @Transactional(readOnly = true)
    @May(Permission.ADJUST_BALANCES)
    public List<AdjustmentRow> rows(AwardToMany award) {
        policies.get(award.policyId()).requireBalance();
        Set<Long> enrolled = new HashSet<>();
        for (Enrolled each : enrolments.inPolicy(award.policyId())) {
            boolean ended = each.enrolment()
                    .ends()
                    .filter(end -> end.on().isBefore(award.on()))
                    .isPresent();
            if (!ended && !each.enrolment().from().isAfter(award.on())) {
                enrolled.add(each.personId());
            }
        }
        List<Person> chosen = people.search(PeopleQuery.everybodyOn(award.on())).stream()
                .filter(person -> enrolled.contains(person.id()) && isMeant(person, award))
                .toList();
        Map<Long, Employment> employments = award.byFte()
                ? people.employments(chosen.stream().map(Person::id).toList())
                : Map.of();
        List<AdjustmentRow> rows = chosen.stream()
                .map(person -> new AdjustmentRow(
                        person.id(),
                        award.policyId(),
                        award.on(),
                        amount(award, employments.get(person.id())),
                        award.reason()))
                .filter(row -> !row.amount().isZero())
                .toList();
        if (rows.isEmpty()) {
            throw Refusal.of("policyId", "Nobody who matches is employed and enrolled in this policy on that day.");
        }
        return rows;
    }

    private static boolean isMeant(Person person, AwardToMany award) {
        return person.isEmployedWithin(award.on(), award.on())
                && (award.teamId() == null || award.teamId() == person.teamId())
                && (award.siteId() == null || award.siteId() == person.siteId())
                && (award.employmentType() == null || award.employmentType() == person.employmentType())
                && (award.people() == null || award.people().contains(person.id()));
    }

    private static Amount amount(AwardToMany award, Employment employment) {
        return award.byFte()
                ? Rounding.STANDARD.round(Fraction.of(award.amount().times(employment.fteOn(award.on()))))
                : award.amount();
    }
}
