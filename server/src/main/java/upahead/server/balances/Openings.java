package upahead.server.balances;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.facts.OpeningBalance;
import upahead.core.policy.Limits;
import upahead.core.policy.Policy;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;
import upahead.server.access.CurrentUser;
import upahead.server.audit.Audit;
import upahead.server.audit.Thing;
import upahead.server.balances.FactStore.OpeningFact;
import upahead.server.balances.OpeningCheck.RowCheck;
import upahead.server.balances.OpeningCheck.Sum;
import upahead.server.changes.LateChange.Subject;
import upahead.server.changes.LateChanges;
import upahead.server.clock.MovableClock;
import upahead.server.people.People;
import upahead.server.people.Person;
import upahead.server.policies.Enrolled;
import upahead.server.policies.Enrolments;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.problems.Refusal;
import upahead.server.words.Words;

/** Opening balances of many people at once: shown, checked and set; a later change needs a reason. */
@Service
public class Openings {

    private final FactStore facts;
    private final People people;
    private final Policies policies;
    private final Enrolments enrolments;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;
    private final MovableClock clock;

    Openings(
            FactStore facts,
            People people,
            Policies policies,
            Enrolments enrolments,
            LateChanges changes,
            Audit audit,
            CurrentUser user,
            MovableClock clock) {
        this.facts = facts;
        this.people = people;
        this.policies = policies;
        this.enrolments = enrolments;
        this.changes = changes;
        this.audit = audit;
        this.user = user;
        this.clock = clock;
    }

    /** Everybody in a policy, with the newest opening balance each has, by name. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<OpeningLine> of(long policyId) {
        policies.get(policyId);
        Set<Long> enrolled =
                enrolments.inPolicy(policyId).stream().map(Enrolled::personId).collect(Collectors.toSet());
        Map<Long, List<OpeningFact>> openings = facts.openings(enrolled);
        return people.get(enrolled).stream()
                .map(person -> line(person, newest(openings.getOrDefault(person.id(), List.of()), policyId)))
                .toList();
    }

    /** How many opening balances there are. */
    @Transactional(readOnly = true)
    public int count() {
        return facts.countOpenings();
    }

    private static Optional<OpeningBalance> newest(List<OpeningFact> own, long policyId) {
        return own.stream()
                .filter(each -> each.policyId() == policyId)
                .map(OpeningFact::opening)
                .reduce((one, other) -> one.on().isAfter(other.on()) ? one : other);
    }

    private static OpeningLine line(Person person, Optional<OpeningBalance> opening) {
        return new OpeningLine(
                person.id(),
                person.code(),
                person.name(),
                person.team(),
                opening.map(OpeningBalance::on).orElse(null),
                opening.map(OpeningBalance::balance).orElse(null),
                opening.map(OpeningBalance::earnedThisYear).orElse(null),
                opening.map(OpeningBalance::usedThisYear).orElse(null),
                opening.map(OpeningBalance::hoursTowardNextStep).orElse(null));
    }

    /** What is new, changed, unusual or wrong about opening balances, with their sums. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public OpeningCheck check(List<OpeningRow> rows) {
        Checking checking = new Checking(rows);
        List<RowCheck> checks = rows.stream().map(checking::check).toList();
        return new OpeningCheck(checks, sums(rows, checks));
    }

    private List<Sum> sums(List<OpeningRow> rows, List<RowCheck> checks) {
        Map<Long, PolicyDetail> byId = policies.byId();
        Map<Long, List<OpeningRow>> byPolicy = new LinkedHashMap<>();
        for (int at = 0; at < rows.size(); at++) {
            if (checks.get(at).state() != OpeningCheck.State.WRONG) {
                byPolicy.computeIfAbsent(rows.get(at).policyId(), unused -> new ArrayList<>())
                        .add(rows.get(at));
            }
        }
        return byPolicy.entrySet().stream()
                .map(each -> new Sum(
                        byId.get(each.getKey()).name(),
                        byId.get(each.getKey()).unit(),
                        each.getValue().size(),
                        sum(each.getValue(), OpeningRow::balance),
                        sum(each.getValue(), OpeningRow::earnedThisYear),
                        sum(each.getValue(), OpeningRow::usedThisYear)))
                .toList();
    }

    private static Amount sum(List<OpeningRow> rows, Function<OpeningRow, Amount> figure) {
        return Amount.sum(rows.stream().map(figure).toList());
    }

    /**
     * Sets opening balances, all or none of them.
     *
     * @param reason why, needed where one that is there already changes
     * @throws Refusal if a row is wrong, or a reason is missing
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public OpeningCheck set(List<OpeningRow> rows, String reason) {
        OpeningCheck check = check(rows);
        long wrong = check.count(OpeningCheck.State.WRONG);
        if (wrong > 0) {
            throw Refusal.of(
                    "rows",
                    "Nothing was taken: " + Words.count(wrong, "row") + (wrong == 1 ? " is" : " are") + " wrong.");
        }
        if (check.count(OpeningCheck.State.CHANGED) > 0 && reason.isBlank()) {
            throw Refusal.of("reason", "Please say why opening balances that are there already change.");
        }
        for (int at = 0; at < rows.size(); at++) {
            if (check.rows().get(at).state() != OpeningCheck.State.SAME) {
                set(rows.get(at), reason.strip());
            }
        }
        return check;
    }

    private void set(OpeningRow row, String reason) {
        Optional<OpeningBalance> before =
                newest(facts.openings(List.of(row.personId())).getOrDefault(row.personId(), List.of()), row.policyId());
        OpeningBalance after = row.opening();
        before.ifPresent(old -> facts.removeOpening(row.personId(), row.policyId(), old.on()));
        facts.addOpening(row.personId(), row.policyId(), after);
        changes.note(
                row.personId(),
                row.policyId(),
                before.map(old -> DateSpan.earlier(old.on(), after.on())).orElse(after.on()),
                "Opening balance of " + Words.fullDay(after.on()) + (before.isPresent() ? " changed by " : " set by ")
                        + user.get().name() + (reason.isEmpty() ? "" : ": " + reason),
                Subject.BALANCE,
                row.policyId());
        audit.record(
                Thing.PERSON,
                row.personId(),
                (before.isPresent() ? "changed an opening balance" : "set an opening balance")
                        + (reason.isEmpty() ? "" : ": " + reason),
                before.orElse(null),
                new OpeningIn(row.policyId(), after));
    }

    /** Looks at rows beside what is known of their people and policies. */
    private final class Checking {

        private final Map<Long, Person> byId;
        private final Map<Long, PolicyDetail> rules = policies.byId();
        private final Map<Long, Map<Long, Enrolled>> enrolled;
        private final Map<Long, List<OpeningFact>> openings;
        private final Set<List<Long>> seen = new HashSet<>();
        private final Map<Long, Policy> computed = new HashMap<>();

        Checking(List<OpeningRow> rows) {
            Set<Long> ids = rows.stream().map(OpeningRow::personId).collect(Collectors.toSet());
            byId = people.get(ids).stream().collect(Collectors.toMap(Person::id, Function.identity()));
            enrolled = enrolments.of(ids).stream()
                    .collect(Collectors.groupingBy(
                            Enrolled::personId, Collectors.toMap(Enrolled::policyId, Function.identity())));
            openings = facts.openings(ids);
        }

        RowCheck check(OpeningRow row) {
            List<String> faults = faults(row);
            if (!faults.isEmpty()) {
                return new RowCheck(OpeningCheck.State.WRONG, faults);
            }
            Optional<OpeningBalance> before = newest(openings.getOrDefault(row.personId(), List.of()), row.policyId());
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
            Person person = byId.get(row.personId());
            PolicyDetail policy = rules.get(row.policyId());
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
            if (row.on().isAfter(clock.today().plusYears(1))) {
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
            Optional<Terms> terms = computed.computeIfAbsent(row.policyId(), id -> policies.rules(rules.get(id)))
                    .versions()
                    .on(row.on());
            if (terms.isEmpty()) {
                return List.of("the policy is not in force on that day");
            }
            Limits limits = terms.get().limits();
            List<String> cautions = new ArrayList<>();
            above(row.balance(), limits.balance(), "more than may be held", cautions);
            above(row.earnedThisYear(), limits.earnedPerYear(), "more earned than a year allows", cautions);
            above(row.usedThisYear(), limits.usedPerYear(), "more used than a year allows", cautions);
            if (row.balance().isNegative() && row.balance().negated().isMoreThan(limits.overdraw())) {
                cautions.add("overdrawn by more than is allowed, " + limits.overdraw());
            }
            return cautions;
        }

        private void above(Amount figure, Optional<Amount> limit, String says, List<String> cautions) {
            limit.filter(figure::isMoreThan).ifPresent(most -> cautions.add(says + ", " + most));
        }
    }
}
