package upahead.server.accounts;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Policy;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.enrolment.Enrolled;
import upahead.server.enrolment.Enrolments;
import upahead.server.enrolment.Exceptions;
import upahead.server.enrolment.PersonException;
import upahead.server.facts.ApprovedLeave;
import upahead.server.facts.adjustments.Adjustments;
import upahead.server.facts.adjustments.Openings;
import upahead.server.facts.awards.Awards;
import upahead.server.facts.hours.RecordedHours;
import upahead.server.holidays.Holidays;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.periods.LateChanges;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Brings together, for many people at once, everything that balances are derived from. */
@Service
public class Accounts {

    private final Adjustments adjustments;
    private final RecordedHours hours;
    private final ApprovedLeave leaves;
    private final People people;
    private final Organisation organisation;
    private final Holidays holidays;
    private final Awards awards;
    private final Policies policies;
    private final Enrolments enrolments;
    private final Exceptions exceptions;
    private final LateChanges changes;
    private final Openings openings;

    Accounts(
            Adjustments adjustments,
            RecordedHours hours,
            ApprovedLeave leaves,
            People people,
            Organisation organisation,
            Holidays holidays,
            Awards awards,
            Policies policies,
            Enrolments enrolments,
            Exceptions exceptions,
            LateChanges changes,
            Openings openings) {
        this.adjustments = adjustments;
        this.hours = hours;
        this.leaves = leaves;
        this.people = people;
        this.organisation = organisation;
        this.holidays = holidays;
        this.awards = awards;
        this.policies = policies;
        this.enrolments = enrolments;
        this.exceptions = exceptions;
        this.changes = changes;
        this.openings = openings;
    }

    /** All accounts of some people, in the order of the people and then by the name of the policy. */
    @Transactional(readOnly = true)
    public List<PersonAccount> of(Collection<Person> persons, Outlook outlook) {
        return of(persons, outlook, policies.all());
    }

    /**
     * All accounts of some people, as {@link #of(Collection, Outlook)} does it, for whoever goes through many people part
     * by part.
     *
     * @param all policies there are
     */
    @Transactional(readOnly = true)
    public List<PersonAccount> of(Collection<Person> persons, Outlook outlook, List<PolicyDetail> all) {
        return assemble(persons, outlook, all, all, enrolled(persons));
    }

    /**
     * The accounts of some people in one policy, as if whoever is not enrolled in it were.
     *
     * @param otherwise the enrolment of somebody who has none
     */
    @Transactional(readOnly = true)
    public List<PersonAccount> inPolicy(
            Collection<Person> persons, Outlook outlook, PolicyDetail policy, Function<Person, Enrolment> otherwise) {
        Map<Long, Map<Long, Enrolled>> enrolled = enrolled(persons);
        for (Person person : persons) {
            enrolled.computeIfAbsent(person.id(), unused -> new HashMap<>())
                    .computeIfAbsent(
                            policy.id(),
                            unused -> new Enrolled(person.id(), policy.id(), otherwise.apply(person), null));
        }
        return assemble(persons, outlook, List.of(policy), policies.all(), enrolled);
    }

    private Map<Long, Map<Long, Enrolled>> enrolled(Collection<Person> persons) {
        Map<Long, Map<Long, Enrolled>> enrolled = new HashMap<>();
        enrolments.of(persons.stream().map(Person::id).toList()).forEach(each -> enrolled.computeIfAbsent(
                        each.personId(), unused -> new HashMap<>())
                .put(each.policyId(), each));
        return enrolled;
    }

    private List<PersonAccount> assemble(
            Collection<Person> persons,
            Outlook outlook,
            List<PolicyDetail> wanted,
            List<PolicyDetail> all,
            Map<Long, Map<Long, Enrolled>> enrolled) {
        List<Long> ids = persons.stream().map(Person::id).toList();
        Lives lives = new Lives(
                people.employments(ids),
                people.placements(ids),
                holidays.calendars(),
                organisation.payGroups().stream().collect(Collectors.toMap(PayGroup::id, PayGroup::calendar)),
                outlook.looksAhead() ? changes.openSince() : Map.of());
        KnownFacts facts = new KnownFacts(
                hours.work(ids),
                awards.hours(ids),
                leaves.approvedLeave(ids),
                adjustments.byPerson(ids),
                openings.byPerson(ids),
                all.stream().filter(PolicyDetail::paid).map(PolicyDetail::id).collect(Collectors.toSet()));
        Map<Long, Policy> rules = wanted.stream().collect(Collectors.toMap(PolicyDetail::id, policies::rules));
        Map<Long, List<PersonException>> ownTerms =
                exceptions.of(ids).stream().collect(Collectors.groupingBy(PersonException::personId));
        List<PersonAccount> accounts = new ArrayList<>();
        for (Person person : persons) {
            Map<Long, Enrolled> own = enrolled.getOrDefault(person.id(), Map.of());
            if (own.isEmpty()) {
                continue;
            }
            Life life = lives.of(person, outlook);
            KnownFacts.OfPerson known = facts.of(person.id(), life, outlook);
            List<PersonException> exceptional = ownTerms.getOrDefault(person.id(), List.of());
            List<PersonAccount> ownAccounts = new ArrayList<>(own.size());
            for (PolicyDetail policy : wanted) {
                if (own.containsKey(policy.id())) {
                    Policy applied = PersonException.applied(exceptional, policy.id(), rules.get(policy.id()));
                    ownAccounts.add(new PersonAccount(
                            person,
                            policy,
                            life.account(own.get(policy.id()).enrolment(), applied, known.in(policy.id())),
                            known.recorded(),
                            outlook.today()));
                }
            }
            accounts.addAll(MovedBalances.applied(ownAccounts, own));
        }
        return accounts;
    }

    /** Hours of approved leave of some people, by person and date. */
    @Transactional(readOnly = true)
    public Map<Long, Map<LocalDate, Amount>> approvedLeaveHours(Collection<Person> persons) {
        Map<Long, Map<LocalDate, Amount>> hours = new HashMap<>();
        leaves.approvedLeave(persons.stream().map(Person::id).toList())
                .forEach((person, leave) -> hours.put(person, KnownFacts.hoursByDate(leave)));
        return hours;
    }
}
