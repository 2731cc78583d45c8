package upahead.server.accounts.overview;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import upahead.server.accounts.BalanceRow;
import upahead.server.accounts.BalanceRows;
import upahead.server.accounts.PeopleInParts;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.Reach;
import upahead.server.enrolment.Enrolled;
import upahead.server.enrolment.Enrolments;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.clock.Sight;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/**
 * The balances of everybody, or for an approver of the people assigned. A page in the order of names works out that page
 * alone; whatever needs all figures works all of them out once, and knows them until something is changed anywhere.
 */
@Service
public class EverybodysBalances {

    private static final int MOST_KEPT = 120_000;

    private final BalanceRows balances;
    private final PeopleInParts parts;
    private final People people;
    private final Enrolments enrolments;
    private final Policies policies;
    private final Reach reach;
    private final Sight sight;
    private final MovableClock clock;
    private final WhileUnchanged<Question, Held> held;
    private final WhileUnchanged<Question, BalanceRow> known;

    /** Whose balances as of a day, and what day it is: figures of days gone by do not come from schedules. */
    private record Question(PeopleQuery people, LocalDate asOf, LocalDate today) {}

    EverybodysBalances(
            BalanceRows balances,
            PeopleInParts parts,
            People people,
            Enrolments enrolments,
            Policies policies,
            Reach reach,
            Sight sight,
            MovableClock clock,
            TurnStore turns) {
        this.balances = balances;
        this.parts = parts;
        this.people = people;
        this.enrolments = enrolments;
        this.policies = policies;
        this.reach = reach;
        this.sight = sight;
        this.clock = clock;
        this.held = WhileUnchanged.byTheDay(turns, MOST_KEPT);
        this.known = WhileUnchanged.byTheDay(turns, MOST_KEPT);
    }

    /** Those that match, from one on. */
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public Slice<BalanceRow> slice(BalanceQuery query, int from, int size) {
        if (query.conditions().isEmpty() && Held.COLUMNS.orders(query.order()) && !isKnown(query)) {
            List<Held> all = Held.COLUMNS.inOrder(held(query), query.order(), Held.BY_PERSON);
            return new Slice<>(rows(Slice.part(all, from, size), query.asOf()), all.size());
        }
        return Slice.of(all(query), from, size);
    }

    /** All that match. */
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public List<BalanceRow> all(BalanceQuery query) {
        Question question = question(query.asOf());
        List<BalanceRow> all = known.of(question, () -> everything(question));
        Set<Key> wanted = held(query).stream().map(Key::of).collect(Collectors.toSet());
        List<BalanceRow> found =
                all.stream().filter(row -> wanted.contains(Key.of(row))).toList();
        return BalanceRow.COLUMNS.inOrder(
                BalanceRow.COLUMNS.where(query.conditions(), found), query.order(), Held.ROWS_BY_PERSON);
    }

    /** Whether all figures are known that a question needs. */
    boolean isKnown(BalanceQuery query) {
        return known.ifKnown(question(query.asOf())).isPresent();
    }

    /** Who has a balance in what, of those that match but for their figures; by person. */
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public List<Held> held(BalanceQuery query) {
        return held(question(query.asOf())).stream()
                .filter(each -> query.isAbout(each.who(), each.in().id()))
                .toList();
    }

    /** The figures of some balances, in their order. */
    List<BalanceRow> rows(List<Held> some, LocalDate asOf) {
        List<Person> concerned = some.stream().map(Held::who).distinct().toList();
        Map<Key, BalanceRow> byKey =
                balances.of(concerned, asOf).stream().collect(Collectors.toMap(Key::of, Function.identity()));
        return some.stream().map(each -> byKey.get(Key.of(each))).toList();
    }

    private Question question(LocalDate asOf) {
        sight.require(asOf);
        return new Question(reach.led(PeopleQuery.everybodyOn(asOf)), asOf, clock.today());
    }

    private List<Held> held(Question question) {
        return held.of(question, () -> {
            Map<Long, PolicyDetail> withBalance = policies.all().stream()
                    .filter(policy -> !policy.recordedOnly())
                    .collect(Collectors.toMap(PolicyDetail::id, Function.identity()));
            Map<Long, Person> byId = people.search(question.people()).stream()
                    .collect(Collectors.toMap(Person::id, Function.identity()));
            List<Held> all = new ArrayList<>();
            for (Enrolled each : enrolments.of(byId.keySet())) {
                if (withBalance.containsKey(each.policyId())) {
                    all.add(new Held(byId.get(each.personId()), withBalance.get(each.policyId())));
                }
            }
            all.sort(Held.BY_PERSON);
            return all;
        });
    }

    private List<BalanceRow> everything(Question question) {
        List<Person> everybody = people.search(question.people());
        List<PolicyDetail> all = policies.all();
        List<BalanceRow> rows = new ArrayList<>();
        parts.rows(
                everybody,
                "Working out balances of people",
                some -> balances.of(some, question.asOf(), all),
                rows::add);
        rows.sort(Held.ROWS_BY_PERSON);
        return rows;
    }

    private record Key(long personId, long policyId) {

        static Key of(BalanceRow row) {
            return new Key(row.personId(), row.policyId());
        }

        static Key of(Held held) {
            return new Key(held.who().id(), held.in().id());
        }
    }
}
