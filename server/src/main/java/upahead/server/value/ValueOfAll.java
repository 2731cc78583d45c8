package upahead.server.value;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Service;
import upahead.server.accounts.PeopleInParts;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.clock.Sight;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** What everybody's leave is worth: worked out for all at once, and known until something is changed anywhere. */
@Service
public class ValueOfAll {

    private static final int MOST_KEPT = 120_000;

    private final WorthOfAccounts worth;
    private final PeopleInParts parts;
    private final People people;
    private final Policies policies;
    private final Sight sight;
    private final MovableClock clock;
    private final WhileUnchanged<Question, ValueRow> known;

    private record Question(ValueDays days, LocalDate today) {}

    ValueOfAll(
            WorthOfAccounts worth,
            PeopleInParts parts,
            People people,
            Policies policies,
            Sight sight,
            MovableClock clock,
            TurnStore turns) {
        this.worth = worth;
        this.parts = parts;
        this.people = people;
        this.policies = policies;
        this.sight = sight;
        this.clock = clock;
        this.known = WhileUnchanged.byTheDay(turns, MOST_KEPT);
    }

    /** Each balance that is or was worth something, by person and policy; also of people who have left meanwhile. */
    @May(Permission.SEE_PAY_RATES)
    public List<ValueRow> rows(ValueDays days) {
        sight.require(days.asOf());
        return known.of(new Question(days, clock.today()), () -> workedOut(days));
    }

    private List<ValueRow> workedOut(ValueDays days) {
        List<PolicyDetail> all = policies.all();
        List<Person> concerned = people.search(PeopleQuery.everybodyOn(days.asOf())).stream()
                .filter(person -> person.isEmployedWithin(days.since(), days.last()))
                .toList();
        List<ValueRow> rows = new ArrayList<>();
        parts.rows(concerned, "Working out the worth of leave of people", some -> worth.of(some, days, all), rows::add);
        rows.sort(Comparator.comparing(ValueRow::person).thenComparing(ValueRow::policy));
        return rows;
    }
}
