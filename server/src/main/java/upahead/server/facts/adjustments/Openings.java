package upahead.server.facts.adjustments;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.facts.OpeningBalance;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.enrolment.Enrolments;
import upahead.server.facts.adjustments.OpeningCheck.RowCheck;
import upahead.server.facts.adjustments.OpeningCheck.Sum;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Opening balances of many people at once: checked and set; a later change needs a reason. */
@Service
public class Openings {

    private final OpeningStore store;
    private final People people;
    private final Policies policies;
    private final Enrolments enrolments;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;
    private final MovableClock clock;

    Openings(
            OpeningStore store,
            People people,
            Policies policies,
            Enrolments enrolments,
            LateChanges changes,
            Audit audit,
            CurrentUser user,
            MovableClock clock) {
        this.store = store;
        this.people = people;
        this.policies = policies;
        this.enrolments = enrolments;
        this.changes = changes;
        this.audit = audit;
        this.user = user;
        this.clock = clock;
    }

    /** All opening balances of some people, by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, List<OpeningFact>> byPerson(Collection<Long> personIds) {
        return store.of(personIds);
    }

    /** How many opening balances there are. */
    @Transactional(readOnly = true)
    public int count() {
        return store.count();
    }

    /** What is new, changed, unusual or wrong about opening balances, with their sums. */
    @Transactional(readOnly = true)
    @May(Permission.ADJUST_BALANCES)
    public OpeningCheck check(List<OpeningRow> rows) {
        OpeningChecks all = openingChecks(rows);
        List<RowCheck> checks = rows.stream().map(all::check).toList();
        return new OpeningCheck(checks, sums(rows, checks));
    }

    private OpeningChecks openingChecks(List<OpeningRow> rows) {
        Set<Long> ids = rows.stream().map(OpeningRow::personId).collect(Collectors.toSet());
        return new OpeningChecks(
                people.get(ids), policies.all(), policies::rules, enrolments.of(ids), store.of(ids), clock.today());
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
    @May(Permission.ADJUST_BALANCES)
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

    /** Sets the opening balance of somebody who has none yet. */
    @Transactional
    @May(Permission.ADJUST_BALANCES)
    public void open(long personId, long policyId, OpeningBalance opening) {
        store.add(personId, policyId, opening);
        changes.note(
                personId,
                policyId,
                DateSpan.earlier(people.get(personId).hired(), opening.on()),
                "Opening balance of " + Words.day(opening.on()) + " set by "
                        + user.get().name(),
                Subject.BALANCE,
                policyId);
        audit.record(Thing.PERSON, personId, "set an opening balance", null, new OpeningIn(policyId, opening));
    }

    private void set(OpeningRow row, String reason) {
        Optional<OpeningBalance> before = OpeningLines.newest(
                store.of(List.of(row.personId())).getOrDefault(row.personId(), List.of()), row.policyId());
        OpeningBalance after = row.opening();
        before.ifPresent(old -> store.remove(row.personId(), row.policyId(), old.on()));
        store.add(row.personId(), row.policyId(), after);
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
}
