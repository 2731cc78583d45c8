package upahead.server.yearend;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.YearTurn;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.enrolment.Exceptions;
import upahead.server.enrolment.OwnFigures;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.clock.Sight;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.platform.words.Words;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.yearend.YearEndRow.State;

/**
 * Reviews of year's ends. A year's end happens by itself, from the rules; a review is what somebody looked at and kept
 * before it, and what came of it is held against that.
 */
@Service
public class YearEnds {

    private static final int MOST_KEPT = 50_000;
    private static final int FIRST_YEAR = 1990;
    private static final int LAST_YEAR = 2190;

    private final Turns turns;
    private final ReviewStore store;
    private final Policies policies;
    private final People people;
    private final Exceptions exceptions;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;
    private final MovableClock clock;
    private final Sight sight;
    private final TransactionTemplate writing;
    private final WhileUnchanged<Question, YearEndRow> known;

    /** Of which policy and year, whether in money too, and what day it is. */
    private record Question(long policyId, int year, boolean inMoney, LocalDate today) {}

    YearEnds(
            Turns turns,
            ReviewStore store,
            Policies policies,
            People people,
            Exceptions exceptions,
            LateChanges changes,
            Audit audit,
            CurrentUser user,
            MovableClock clock,
            Sight sight,
            TurnStore counter,
            PlatformTransactionManager transactions) {
        this.turns = turns;
        this.store = store;
        this.policies = policies;
        this.people = people;
        this.exceptions = exceptions;
        this.changes = changes;
        this.audit = audit;
        this.user = user;
        this.clock = clock;
        this.sight = sight;
        this.writing = new TransactionTemplate(transactions);
        this.known = WhileUnchanged.byTheDay(counter, MOST_KEPT);
    }

    /**
     * The year's ends of a policy within a calendar year.
     *
     * @throws Refusal if the policy has no balance, or the year is too far ahead
     */
    @May(Permission.RUN_PAYROLL)
    public YearEndView of(long policyId, int year) {
        PolicyDetail policy = policies.get(policyId);
        DateSpan days = days(policy, year);
        ReviewStore.Kept kept = store.find(policyId, year).orElse(null);
        Map<Long, Expected> expected = kept == null
                ? Map.of()
                : store.expected(kept.id()).stream().collect(Collectors.toMap(Expected::personId, Function.identity()));
        Question question = new Question(policyId, year, user.get().may(Permission.SEE_PAY_RATES), clock.today());
        List<YearEndRow> rows = known.of(question, () -> rows(turns.of(policy, days), policy, kept != null, expected));
        return YearEndView.of(policy, year, kept, rows);
    }

    private DateSpan days(PolicyDetail policy, int year) {
        policy.requireBalance();
        if (year < FIRST_YEAR || year > LAST_YEAR) {
            throw Refusal.of("year", "Please choose a year from " + FIRST_YEAR + " to " + LAST_YEAR + ".");
        }
        LocalDate first = LocalDate.of(year, 1, 1);
        sight.require(first);
        return new DateSpan(first, first.plusYears(1).minusDays(1));
    }

    private List<YearEndRow> rows(List<Turn> found, PolicyDetail policy, boolean isKept, Map<Long, Expected> expected) {
        LocalDate today = clock.today();
        Map<Long, Expected> left = new HashMap<>(expected);
        Map<Long, Optional<LocalDate>> closed = new HashMap<>();
        List<YearEndRow> rows = new ArrayList<>();
        for (Turn turn : found) {
            Expected before = left.remove(turn.personId());
            boolean ahead = turn.on().isAfter(today);
            String says = before == null ? "" : Differences.between(before.figures(), turn.figures(), policy.unit());
            State state;
            if (before == null) {
                state = ahead ? State.AHEAD : State.UNSEEN;
                says = isKept ? "was not among those reviewed" : "";
            } else if (says.isEmpty()) {
                state = ahead ? State.AHEAD : State.MATCHED;
            } else {
                state = ahead ? State.CHANGED : State.DIFFERS;
            }
            rows.add(YearEndRow.of(turn, !ahead && !isClosed(turn, closed), state, says));
        }
        people.get(left.keySet()).forEach(person -> rows.add(gone(person, left.get(person.id()), policy, today)));
        rows.sort(Comparator.comparing(YearEndRow::person).thenComparing(YearEndRow::personId));
        return rows;
    }

    /** Whether the period that ends with the old year, or in which it ends, is closed. */
    private boolean isClosed(Turn turn, Map<Long, Optional<LocalDate>> known) {
        return known.computeIfAbsent(turn.account().person().payGroupId(), changes::closedThroughIn)
                .filter(through -> !through.isBefore(turn.on().minusDays(1)))
                .isPresent();
    }

    private static YearEndRow gone(Person person, Expected expected, PolicyDetail policy, LocalDate today) {
        return new YearEndRow(
                person.id(),
                person.code(),
                person.name(),
                person.teamId(),
                person.team(),
                policy.unit(),
                expected.on(),
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                false,
                expected.on().isAfter(today) ? State.CHANGED : State.DIFFERS,
                "has no year's end any more; " + Words.amount(expected.figures().carried(), policy.unit())
                        + " were to be carried over");
    }

    /**
     * Keeps what is expected of the year's ends that are ahead, so that what comes of them is held against it. What was kept
     * of those that have happened stays.
     *
     * @throws Refusal if none is ahead
     */
    @May(Permission.RUN_PAYROLL)
    public void keep(long policyId, int year) {
        PolicyDetail policy = policies.get(policyId);
        LocalDate today = clock.today();
        List<Expected> ahead = turns.of(policy, days(policy, year)).stream()
                .filter(turn -> turn.on().isAfter(today))
                .map(turn -> new Expected(turn.personId(), turn.figures()))
                .toList();
        if (ahead.isEmpty()) {
            throw Refusal.conflict("No year's end of " + policy.name() + " is ahead in " + year
                    + "; what was reviewed before stays as it is.");
        }
        writing.executeWithoutResult(status -> {
            long id = store.keep(policyId, year, clock.now(), user.get().name());
            store.expect(id, today, ahead);
            audit.record(Thing.POLICY, policyId, "kept the review of the year's ends in " + year, null, sums(ahead));
        });
    }

    private static String sums(List<Expected> expected) {
        Function<Function<YearTurn, Amount>, Amount> sum = part ->
                Amount.sum(expected.stream().map(Expected::figures).map(part).toList());
        return expected.size() + " people; carried " + sum.apply(YearTurn::carried) + ", lost "
                + sum.apply(YearTurn::lost).plus(sum.apply(YearTurn::unused)) + ", paid out "
                + sum.apply(YearTurn::paidOut);
    }

    /**
     * Lets some people carry over more or less, each at their own year's end.
     *
     * @param carry the most that is carried over, at least 0
     * @throws Refusal if somebody has no year's end in the year, or no reason is given
     */
    @May(Permission.RUN_PAYROLL)
    public void let(long policyId, int year, List<Long> personIds, Amount carry, String reason) {
        if (reason.isBlank()) {
            throw Refusal.of("reason", "Please say why.");
        }
        PolicyDetail policy = policies.get(policyId);
        Map<Long, Turn> byPerson = turns.of(policy, days(policy, year)).stream()
                .collect(Collectors.toMap(Turn::personId, Function.identity()));
        for (long personId : personIds) {
            if (!byPerson.containsKey(personId)) {
                throw Refusal.of(
                        "personIds",
                        people.get(personId).name() + " has no year's end of " + policy.name() + " in " + year + ".");
            }
        }
        writing.executeWithoutResult(status -> personIds.forEach(id -> let(byPerson.get(id), carry, reason.strip())));
    }

    private void let(Turn turn, Amount carry, String reason) {
        if (turn.hasExceptionOfItsOwn()) {
            exceptions.takeBack(turn.personId(), turn.exception().id());
        }
        exceptions.make(
                turn.personId(),
                turn.account().policy().id(),
                turn.on(),
                turn.on(),
                new OwnFigures(null, null, carry, null, null),
                reason);
    }
}
