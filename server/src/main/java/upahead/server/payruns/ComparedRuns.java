package upahead.server.payruns;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.payruns.RunFigures.Figure;
import upahead.server.payruns.RunFigures.Key;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Two runs of one pay group held against each other, person by person. */
@Service
public class ComparedRuns {

    private static final Figure NONE = new Figure(Amount.ZERO, List.of());

    private final PayRuns runs;
    private final RunFigures figures;
    private final People people;

    ComparedRuns(PayRuns runs, RunFigures figures, People people) {
        this.runs = runs;
        this.figures = figures;
        this.people = people;
    }

    /**
     * The figures of a run beside those of another, by name and then the largest change first.
     *
     * @param all whether figures that are the same are told, too
     * @throws Refusal if there is no such run, or they are of different groups or the same
     */
    @May(Permission.RUN_PAYROLL)
    public List<ComparedRow> compare(long id, long withId, String search, boolean all) {
        PayRun run = runs.get(id);
        PayRun other = runs.get(withId);
        if (id == withId || run.payGroupId() != other.payGroupId()) {
            throw Refusal.of("with", "Please choose another run of the same pay group.");
        }
        Map<Key, Figure> after = figures.of(run);
        Map<Key, Figure> before = figures.of(other);
        Map<Long, Person> known = people.search(PeopleQuery.everybody()).stream()
                .collect(Collectors.toMap(Person::id, Function.identity()));
        Set<Key> keys = new LinkedHashSet<>(after.keySet());
        keys.addAll(before.keySet());
        List<ComparedRow> rows = new ArrayList<>();
        for (Key key : keys) {
            ComparedRow row =
                    row(known.get(key.personId()), key, before.getOrDefault(key, NONE), after.getOrDefault(key, NONE));
            if ((all || !row.change().isZero()) && row.matches(search)) {
                rows.add(row);
            }
        }
        rows.sort(Comparator.comparing(ComparedRow::person)
                .thenComparing(row -> row.change().abs(), Comparator.reverseOrder())
                .thenComparing(ComparedRow::what));
        return rows;
    }

    private static ComparedRow row(Person person, Key key, Figure before, Figure after) {
        return new ComparedRow(
                person.id(),
                person.code(),
                person.name(),
                person.team(),
                key.what(),
                key.unit(),
                before.amount(),
                after.amount(),
                after.amount().minus(before.amount()),
                after.why().isEmpty() ? before.why() : after.why());
    }
}
