package upahead.server.balances;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.PayCalendar;
import upahead.core.facts.Facts;
import upahead.core.hours.Work;
import upahead.core.hours.WorkLog;
import upahead.core.hours.WorkingDays;
import upahead.core.leave.Taken;
import upahead.core.ledger.Account;
import upahead.core.people.Employment;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Policy;
import upahead.core.quantity.Amount;
import upahead.server.balances.FactStore.LeaveFact;
import upahead.server.changes.LateChanges;
import upahead.server.holidays.Awards;
import upahead.server.holidays.Holidays;
import upahead.server.people.Organisation;
import upahead.server.people.PayGroup;
import upahead.server.people.People;
import upahead.server.people.Person;
import upahead.server.people.Placement;
import upahead.server.policies.Enrolled;
import upahead.server.policies.Enrolments;
import upahead.server.policies.Exceptions;
import upahead.server.policies.PersonException;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Brings together, for many people at once, everything that balances are derived from. */
@Service
public class Accounts {

    private final FactStore facts;
    private final People people;
    private final Organisation organisation;
    private final Holidays holidays;
    private final Awards awards;
    private final Policies policies;
    private final Enrolments enrolments;
    private final Exceptions exceptions;
    private final LateChanges changes;

    Accounts(
            FactStore facts,
            People people,
            Organisation organisation,
            Holidays holidays,
            Awards awards,
            Policies policies,
            Enrolments enrolments,
            Exceptions exceptions,
            LateChanges changes) {
        this.facts = facts;
        this.people = people;
        this.organisation = organisation;
        this.holidays = holidays;
        this.awards = awards;
        this.policies = policies;
        this.enrolments = enrolments;
        this.exceptions = exceptions;
        this.changes = changes;
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
        Map<Long, Employment> employments = people.employments(ids);
        Map<Long, HolidayCalendar> calendars = holidays.calendars();
        Map<Long, PayCalendar> payCalendars =
                organisation.payGroups().stream().collect(Collectors.toMap(PayGroup::id, PayGroup::calendar));
        Map<Long, List<Work>> work = facts.work(ids);
        Map<Long, LocalDate> openSince = outlook.looksAhead() ? changes.openSince() : Map.of();
        Map<Long, List<LeaveFact>> leave = facts.approvedLeave(ids);
        var adjustments = facts.adjustments(ids);
        var openings = facts.openings(ids);
        Map<Long, Policy> rules = wanted.stream().collect(Collectors.toMap(PolicyDetail::id, policies::rules));
        Map<Long, List<PersonException>> ownTerms =
                exceptions.of(ids).stream().collect(Collectors.groupingBy(PersonException::personId));

        Set<Long> paid =
                all.stream().filter(PolicyDetail::paid).map(PolicyDetail::id).collect(Collectors.toSet());
        Map<Long, List<Placement>> placements = people.placements(ids);
        Map<Long, List<Work>> awarded = awards.hours(ids);
        List<PersonAccount> accounts = new ArrayList<>();
        for (Person person : persons) {
            Map<Long, Enrolled> own = enrolled.getOrDefault(person.id(), Map.of());
            if (own.isEmpty()) {
                continue;
            }
            Employment employment = employments.get(person.id());
            List<Placement> places = placements.get(person.id());
            HolidayCalendar calendar = WhereTheyWork.holidays(places, calendars);
            PayCalendar payCalendar = WhereTheyWork.payCalendar(places, payCalendars);
            List<LeaveFact> ownLeave = leave.getOrDefault(person.id(), List.of());
            WorkLog recorded = new WorkLog(work.getOrDefault(person.id(), List.of()));
            WorkLog log = outlook.looksAhead()
                    ? expected(
                            recorded,
                            ownLeave,
                            new WorkingDays(employment, calendar),
                            open(person, payCalendar, openSince, outlook))
                    : recorded;
            WorkLog paidLeave = paidLeave(ownLeave, paid);
            WorkLog awardedHolidays =
                    awarded.containsKey(person.id()) ? new WorkLog(awarded.get(person.id())) : WorkLog.EMPTY;
            List<PersonAccount> ownAccounts = new ArrayList<>(own.size());
            for (PolicyDetail policy : wanted) {
                Enrolled enrolment = own.get(policy.id());
                if (enrolment == null) {
                    continue;
                }
                Facts known = new Facts(
                        log,
                        paidLeave,
                        awardedHolidays,
                        ownLeave.stream()
                                .filter(day -> day.policyId() == policy.id())
                                .map(day -> new Taken(day.on(), day.amount()))
                                .toList(),
                        adjustments.getOrDefault(person.id(), List.of()).stream()
                                .filter(each -> each.policyId() == policy.id())
                                .map(FactStore.AdjustmentFact::adjustment)
                                .toList(),
                        openings.getOrDefault(person.id(), List.of()).stream()
                                .filter(each -> each.policyId() == policy.id())
                                .map(FactStore.OpeningFact::opening)
                                .toList());
                ownAccounts.add(new PersonAccount(
                        person,
                        policy,
                        new Account(
                                employment,
                                enrolment.enrolment(),
                                PersonException.applied(
                                        ownTerms.getOrDefault(person.id(), List.of()),
                                        policy.id(),
                                        rules.get(policy.id())),
                                payCalendar,
                                calendar,
                                known),
                        recorded,
                        outlook.today()));
            }
            accounts.addAll(MovedBalances.applied(ownAccounts, own));
        }
        return accounts;
    }

    /** Hours of approved leave of some people, by person and date. */
    @Transactional(readOnly = true)
    public Map<Long, Map<LocalDate, Amount>> approvedLeaveHours(Collection<Person> persons) {
        Map<Long, Map<LocalDate, Amount>> hours = new HashMap<>();
        facts.approvedLeave(persons.stream().map(Person::id).toList())
                .forEach((person, leave) -> hours.put(person, hoursByDate(leave)));
        return hours;
    }

    private static Map<LocalDate, Amount> hoursByDate(List<LeaveFact> leave) {
        Map<LocalDate, Amount> hours = new HashMap<>();
        leave.forEach(day -> hours.merge(day.on(), day.hours(), Amount::plus));
        return hours;
    }

    /** The days not closed yet, up to the last one looked at; those of a group without any run begin with its period. */
    private static DateSpan open(
            Person person, PayCalendar payCalendar, Map<Long, LocalDate> openSince, Outlook outlook) {
        LocalDate current = payCalendar.periodOf(outlook.today()).first();
        LocalDate first = openSince.getOrDefault(person.payGroupId(), current);
        return new DateSpan(DateSpan.earlier(first, outlook.expectedThrough()), outlook.expectedThrough());
    }

    /** Recorded hours, and in open periods scheduled ones on days that have none. */
    private static WorkLog expected(WorkLog recorded, List<LeaveFact> leave, WorkingDays workingDays, DateSpan open) {
        Set<LocalDate> days = recorded.entries().stream().map(Work::on).collect(Collectors.toSet());
        List<Work> known = new ArrayList<>(recorded.entries());
        workingDays.scheduledWork(open, hoursByDate(leave)).stream()
                .filter(work -> !days.contains(work.on()))
                .forEach(known::add);
        return new WorkLog(known);
    }

    private static WorkLog paidLeave(List<LeaveFact> leave, Set<Long> paid) {
        return new WorkLog(leave.stream()
                .filter(day -> paid.contains(day.policyId()))
                .map(day -> new Work(day.on(), "leave", day.hours()))
                .toList());
    }
}
