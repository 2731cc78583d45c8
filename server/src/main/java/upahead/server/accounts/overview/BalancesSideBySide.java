package upahead.server.accounts.overview;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.server.employment.Person;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;
import upahead.server.policies.PolicyDetail;

/** The balances of many people, a row each with their policies side by side. */
@Component
class BalancesSideBySide {

    private static final Columns<Person> NAMES = Columns.of(Person.class)
            .with("person", "Person", ColumnKind.TEXT, Person::name)
            .with("team", "Team", ColumnKind.TEXT)
            .with("site", "Site", ColumnKind.TEXT);

    private final EverybodysBalances balances;

    BalancesSideBySide(EverybodysBalances balances) {
        this.balances = balances;
    }

    /** The people whose balances match, from one on. */
    Slice<PersonBalances> slice(BalanceQuery query, List<String> figures, int from, int size) {
        if (query.conditions().isEmpty() && NAMES.orders(query.order()) && !balances.isKnown(query)) {
            List<Held> held = balances.held(query);
            List<Person> people = NAMES.inOrder(
                    held.stream().map(Held::who).distinct().toList(),
                    query.order(),
                    Comparator.comparing(Person::name).thenComparing(Person::id));
            List<Person> some = Slice.part(people, from, size);
            Set<Long> ids = some.stream().map(Person::id).collect(Collectors.toSet());
            List<PersonBalances> rows = PersonBalances.of(balances.rows(
                    held.stream().filter(each -> ids.contains(each.who().id())).toList(), query.asOf()));
            return new Slice<>(
                    columns(query, List.of()).inOrder(rows, query.order(), PersonBalances.BY_NAME), people.size());
        }
        return Slice.of(all(query, figures), from, size);
    }

    /** All people whose balances match. */
    List<PersonBalances> all(BalanceQuery query, List<String> figures) {
        return columns(query, figures)
                .inOrder(PersonBalances.of(balances.all(query.byPerson())), query.order(), PersonBalances.BY_NAME);
    }

    /**
     * @param figures the keys of the figures for each policy
     */
    Columns<PersonBalances> columns(BalanceQuery query, List<String> figures) {
        List<PolicyDetail> policies = balances.held(query).stream()
                .map(Held::in)
                .distinct()
                .sorted(Comparator.comparing(PolicyDetail::name))
                .toList();
        return PersonBalances.columns(policies, figures);
    }
}
