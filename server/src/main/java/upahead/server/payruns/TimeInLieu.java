package upahead.server.payruns;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.enrolment.Enrolled;
import upahead.server.enrolment.Enrolments;
import upahead.server.facts.hours.HoursTotal;
import upahead.server.facts.hours.RecordedHours;
import upahead.server.facts.lieu.LieuCredit;
import upahead.server.facts.lieu.LieuCredits;
import upahead.server.organisation.HoursKinds;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Puts extra hours of a run into time in lieu, of one person or of many. */
@Service
public class TimeInLieu {

    private final PayRuns runs;
    private final PeopleOfRun group;
    private final People people;
    private final RecordedHours hours;
    private final LieuCredits credits;
    private final Enrolments enrolments;
    private final Policies policies;
    private final Audit audit;

    TimeInLieu(
            PayRuns runs,
            PeopleOfRun group,
            People people,
            RecordedHours hours,
            LieuCredits credits,
            Enrolments enrolments,
            Policies policies,
            Audit audit) {
        this.runs = runs;
        this.group = group;
        this.people = people;
        this.hours = hours;
        this.credits = credits;
        this.enrolments = enrolments;
        this.policies = policies;
        this.audit = audit;
    }

    /**
     * Hours to be put into time in lieu.
     *
     * @param hours above 0, at most what is left of the kind
     */
    public record Taking(long personId, String kind, long policyId, Amount hours) {}

    /** Everybody's extra hours in a run, by name and kind. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public List<ExtraHours> of(long runId) {
        PayRun run = runs.get(runId);
        Map<Long, Person> everybody = group.of(run).stream().collect(Collectors.toMap(Person::id, Function.identity()));
        return of(run, everybody);
    }

    private List<ExtraHours> of(PayRun run, Map<Long, Person> some) {
        Map<Long, Map<String, Amount>> recorded = new HashMap<>();
        hours.totals(some.keySet(), run.period()).stream()
                .filter(total -> HoursKinds.isExtra(total.kind()))
                .forEach(total -> add(recorded, total));
        Map<Long, List<LieuCredit>> taken =
                credits.of(some.keySet(), run.period()).stream().collect(Collectors.groupingBy(LieuCredit::personId));
        Map<Long, List<ExtraHours.Into>> into = into(some, run);
        List<ExtraHours> found = new ArrayList<>();
        some.values().forEach(person -> {
            Map<String, Amount> own = recorded.getOrDefault(person.id(), Map.of());
            List<LieuCredit> credited = taken.getOrDefault(person.id(), List.of());
            TreeSet<String> kinds = new TreeSet<>(own.keySet());
            credited.forEach(credit -> kinds.add(credit.kind()));
            kinds.forEach(kind -> found.add(extra(
                    person,
                    kind,
                    own.getOrDefault(kind, Amount.ZERO),
                    credited.stream()
                            .filter(credit -> credit.kind().equals(kind))
                            .toList(),
                    into.getOrDefault(person.id(), List.of()))));
        });
        found.sort(Comparator.comparing(ExtraHours::person).thenComparing(ExtraHours::kind));
        return found;
    }

    private static void add(Map<Long, Map<String, Amount>> recorded, HoursTotal total) {
        recorded.computeIfAbsent(total.personId(), unused -> new HashMap<>())
                .merge(total.kind(), total.hours(), Amount::plus);
    }

    /** The policies in which each person is enrolled that give a rate for extra hours. */
    private Map<Long, List<ExtraHours.Into>> into(Map<Long, Person> some, PayRun run) {
        Map<Long, PolicyDetail> taking = policies.all().stream()
                .filter(policy -> policy.rules().lieuRate() != null)
                .collect(Collectors.toMap(PolicyDetail::id, Function.identity()));
        if (taking.isEmpty()) {
            return Map.of();
        }
        return enrolments.on(run.lastDay()).stream()
                .filter(enrolled -> some.containsKey(enrolled.personId()) && taking.containsKey(enrolled.policyId()))
                .collect(Collectors.groupingBy(
                        Enrolled::personId,
                        Collectors.mapping(
                                enrolled -> {
                                    PolicyDetail policy = taking.get(enrolled.policyId());
                                    return new ExtraHours.Into(
                                            policy.id(),
                                            policy.name(),
                                            policy.rules().lieuRate());
                                },
                                Collectors.toList())));
    }

    private ExtraHours extra(
            Person person, String kind, Amount recorded, List<LieuCredit> taken, List<ExtraHours.Into> into) {
        Amount left =
                recorded.minus(Amount.sum(taken.stream().map(LieuCredit::hours).toList()));
        return new ExtraHours(
                person.id(),
                person.name(),
                person.team(),
                kind,
                recorded,
                left,
                into,
                taken.stream().map(this::credit).toList());
    }

    private ExtraHours.Credit credit(LieuCredit credit) {
        PolicyDetail policy = policies.get(credit.policyId());
        return new ExtraHours.Credit(
                credit.id(),
                policy.name(),
                credit.hours(),
                credit.rate(),
                credit.credited(),
                credit.by(),
                policies.rules(policy).usableUntil(credit.on()).orElse(null));
    }

    /**
     * Puts hours into time in lieu, all of them or none.
     *
     * @throws Refusal if the run is closed, more hours are named than are left of a kind, or a policy does not take them
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void put(long runId, List<Taking> takings) {
        PayRun run = open(runId);
        Map<Long, Person> some = takings.stream()
                .map(Taking::personId)
                .distinct()
                .collect(Collectors.toMap(Function.identity(), people::get));
        Map<KindOfPerson, Amount> left = of(run, some).stream()
                .collect(Collectors.toMap(extra -> new KindOfPerson(extra.personId(), extra.kind()), ExtraHours::left));
        for (Taking taking : takings) {
            KindOfPerson from = new KindOfPerson(taking.personId(), taking.kind());
            take(some.get(taking.personId()), taking, left.getOrDefault(from, Amount.ZERO), run);
            left.computeIfPresent(from, (unused, hours) -> hours.minus(taking.hours()));
        }
        audit.record(
                Thing.PAY_RUN,
                runId,
                "put extra hours into time in lieu",
                null,
                Words.count(takings.size(), "person").replace("persons", "people"));
    }

    private record KindOfPerson(long personId, String kind) {}

    private void take(Person person, Taking taking, Amount left, PayRun run) {
        if (!taking.hours().isPositive()) {
            throw Refusal.of("hours", "Please give more than 0 hours for " + person.name() + ".");
        }
        if (taking.hours().isMoreThan(left)) {
            throw Refusal.of(
                    "hours",
                    person.name() + " has " + left + " " + taking.kind() + " hours left in this run, not "
                            + taking.hours() + ".");
        }
        credits.credit(person.id(), taking.policyId(), taking.kind(), taking.hours(), run.lastDay());
    }

    /**
     * Takes back what was put into time in lieu: the hours are paid.
     *
     * @throws Refusal if the run is closed or it has no such credit
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void takeBack(long runId, long creditId) {
        open(runId);
        if (of(runId).stream()
                .flatMap(extra -> extra.credits().stream())
                .noneMatch(credit -> credit.id() == creditId)) {
            throw Refusal.notFound("credit of time in lieu in this run");
        }
        credits.takeBack(creditId);
    }

    private PayRun open(long runId) {
        PayRun run = runs.get(runId);
        if (run.isClosed()) {
            throw Refusal.conflict("This run is closed; its hours were handed over. Adjust the balance instead.");
        }
        return run;
    }
}
