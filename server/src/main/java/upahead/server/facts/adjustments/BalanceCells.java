package upahead.server.facts.adjustments;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.employment.Person;
import upahead.server.employment.PersonFinder;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Numbers;
import upahead.server.platform.files.Table;
import upahead.server.policies.PolicyDetail;

/**
 * Reads the cells by which a file says whose balance in which policy it means. What cannot be read is added to the faults
 * of the row, in words that can follow one another.
 *
 * @param <C> the columns of the file
 */
public final class BalanceCells<C extends Enum<C> & FileColumns.Column> {

    private final FileColumns<C> columns;
    private final PersonFinder<Person> people;
    private final Map<String, PolicyDetail> policies;

    public BalanceCells(FileColumns<C> columns, Collection<Person> people, Collection<PolicyDetail> policies) {
        this.columns = columns;
        this.people = PersonFinder.of(people);
        this.policies = policies.stream()
                .collect(Collectors.toMap(policy -> policy.name().toLowerCase(Locale.ROOT), Function.identity()));
    }

    /** Who is meant, null where nobody or not only one is. */
    public @Nullable Person person(Table.Row row, C column, List<String> faults) {
        PersonFinder.Meant<Person> meant = people.find(columns.cell(row, column));
        if (meant.person() == null) {
            faults.add(meant.fault());
        }
        return meant.person();
    }

    /**
     * The policy that is named, null where there is none of that name.
     *
     * @param otherwise the id of the policy where the row names none, null where each has to
     */
    public @Nullable PolicyDetail policy(Table.Row row, C column, @Nullable Long otherwise, List<String> faults) {
        String name = columns.cell(row, column);
        if (name.isEmpty()) {
            Optional<PolicyDetail> usual = policies.values().stream()
                    .filter(policy -> otherwise != null && policy.id() == otherwise)
                    .findFirst();
            if (usual.isEmpty()) {
                faults.add("names no policy");
            }
            return usual.orElse(null);
        }
        PolicyDetail policy = policies.get(name.toLowerCase(Locale.ROOT));
        if (policy == null) {
            faults.add("there is no policy “" + name + "”");
        }
        return policy;
    }

    /**
     * A day.
     *
     * @param otherwise where the cell is empty
     */
    public LocalDate day(Table.Row row, C column, LocalDate otherwise, List<String> faults) {
        String text = columns.cell(row, column);
        if (text.isEmpty()) {
            return otherwise;
        }
        return Dates.read(text, columns.order()).orElseGet(() -> {
            faults.add("“" + text + "” is no date; write it as 2027-04-26");
            return null;
        });
    }

    /**
     * A figure; hours may stand there as 7:30, but not where a policy counts days.
     *
     * @param otherwise where the cell is empty, null where it must not be
     * @param unit of the figure, null where it is not known
     */
    public Amount figure(
            Table.Row row, C column, @Nullable Amount otherwise, @Nullable Unit unit, List<String> faults) {
        String text = columns.cell(row, column);
        if (text.isEmpty() && otherwise != null) {
            return otherwise;
        }
        return (unit == Unit.DAYS ? Numbers.read(text) : Numbers.readHours(text)).orElseGet(() -> {
            faults.add(column.title().toLowerCase(Locale.ROOT) + ": “" + text + "” is no number");
            return null;
        });
    }

    /** What a cell says, empty where there is none. */
    public String text(Table.Row row, C column) {
        return columns.cell(row, column);
    }
}
