package upahead.server.platform.files;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import upahead.server.platform.problems.Refusal;

/**
 * The columns of a file and the headings they stand under, found by their names or as somebody chose.
 *
 * @param <C> the columns there can be
 */
public final class FileColumns<C extends Enum<C> & FileColumns.Column> {

    /** What a file can say in each row. */
    public interface Column {

        Heading heading();

        /** As it is shown. */
        default String title() {
            return heading().title();
        }

        /** Whether no row can be read without it. */
        default boolean isNeeded() {
            return heading().needed();
        }
    }

    /**
     * The heading under which a column stands.
     *
     * @param title as it is shown
     * @param needed whether no row can be read without it
     * @param names by which it is found, in small letters without spaces and dashes
     */
    public record Heading(String title, boolean needed, List<String> names) {
        public static Heading of(String title, boolean needed, String... names) {
            return new Heading(title, needed, List.of(names));
        }
    }

    /** Under which heading a column was looked for; null where it was not found. */
    public record ColumnMatch(String column, String title, boolean needed, @Nullable String heading) {}

    /** Under which heading somebody chose a column to be. */
    public record ColumnChoice(@NotNull String column, @NotNull String heading) {}

    /**
     * How a file is to be read.
     *
     * @param columns null to find them by their names
     * @param order of day and month, null to find it out
     */
    public record Reading(@Nullable List<@Valid ColumnChoice> columns, @Nullable Dates.Order order) {
        public static final Reading BY_ITSELF = new Reading(null, null);

        /** As somebody chose, or by itself where nobody did. */
        public static Reading orByItself(@Nullable Reading chosen) {
            return chosen == null ? BY_ITSELF : chosen;
        }
    }

    private final Table table;
    private final Map<C, String> headings;
    private final List<C> all;
    private final Dates.Order order;
    private final boolean orderMatters;

    /**
     * @param type of the columns
     * @param dates the columns in which dates stand
     */
    public FileColumns(Table table, Class<C> type, List<C> dates, Reading reading) {
        this.table = table;
        this.all = Arrays.asList(type.getEnumConstants());
        this.headings = reading.columns() == null ? found() : chosen(type, reading.columns());
        List<String> texts =
                dates.stream().map(headings::get).flatMap(table::cells).toList();
        this.orderMatters = Dates.needsOrder(texts);
        this.order = Optional.ofNullable(reading.order())
                .or(() -> Dates.orderOf(texts))
                .orElse(Dates.Order.DAY_FIRST);
    }

    private Map<C, String> found() {
        return table.matched(all.stream().collect(Collectors.toMap(column -> column, column -> column.heading()
                .names())));
    }

    private Map<C, String> chosen(Class<C> type, List<ColumnChoice> choices) {
        Map<C, String> chosen = new EnumMap<>(type);
        for (ColumnChoice choice : choices) {
            all.stream()
                    .filter(column -> column.name().equals(choice.column()))
                    .filter(unused -> table.headings().contains(choice.heading()))
                    .findFirst()
                    .ifPresent(column -> chosen.put(column, choice.heading()));
        }
        return chosen;
    }

    /** The order in which day and month were read, null where it does not matter. */
    public Dates.Order shownOrder() {
        return orderMatters ? order : null;
    }

    public Dates.Order order() {
        return order;
    }

    /** How each column was matched. */
    public List<ColumnMatch> matches() {
        return all.stream()
                .map(column -> new ColumnMatch(column.name(), column.title(), column.isNeeded(), headings.get(column)))
                .toList();
    }

    /** The needed columns that were not found, by their titles. */
    public List<String> missing() {
        return all.stream()
                .filter(column -> column.isNeeded() && !headings.containsKey(column))
                .map(Column::title)
                .toList();
    }

    /**
     * @throws Refusal if a needed column was not found
     */
    public void requireNeeded() {
        if (!missing().isEmpty()) {
            throw Refusal.of("columns", "Please choose the column for " + String.join(" and ", missing()) + ".");
        }
    }

    /** The cell of a row, empty where there is none. */
    public String cell(Table.Row row, C column) {
        return table.cell(row, headings.get(column));
    }
}
