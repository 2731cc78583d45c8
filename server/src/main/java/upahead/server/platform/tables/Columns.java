package upahead.server.platform.tables;

import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import upahead.core.quantity.Amount;
import upahead.server.platform.files.CsvFile;
import upahead.server.platform.files.XlsxFile;
import upahead.server.platform.problems.Refusal;

/**
 * The columns of a table, declared once. Each is the part of a row by its name; a name that no row has is refused when
 * the columns are declared.
 *
 * @param <R> the rows
 */
public final class Columns<R extends Record> {

    private final Class<R> row;
    private final List<Column<R>> all = new ArrayList<>();
    private final Set<String> levels = new HashSet<>();

    private Columns(Class<R> row) {
        this.row = row;
    }

    /** No columns yet. */
    public static <R extends Record> Columns<R> of(Class<R> row) {
        return new Columns<>(row);
    }

    /** These columns and one more. */
    public Columns<R> with(String key, String title, ColumnKind kind) {
        return with(key, title, kind, part(key));
    }

    /** These columns and one more, which is no part of a row but made of it; null where a row has no such figure. */
    public Columns<R> with(String key, String title, ColumnKind kind, Function<R, Object> made) {
        all.add(new Column<>(new ColumnView(key, title, kind), true, made));
        return this;
    }

    /** These columns and one more with an amount that stands at a moment, so that several of them add up to nothing. */
    public Columns<R> withLevel(String key, String title) {
        levels.add(key);
        return with(key, title, ColumnKind.RESULT);
    }

    /** These columns and one more, which only files have. */
    public Columns<R> onlyInFiles(String key, ColumnKind kind) {
        all.add(new Column<>(new ColumnView(key, key, kind), false, part(key)));
        return this;
    }

    private Function<R, Object> part(String key) {
        try {
            Method part = row.getMethod(key);
            part.setAccessible(true);
            return values -> Column.invoke(part, values);
        } catch (NoSuchMethodException unknown) {
            throw new IllegalArgumentException(row.getSimpleName() + " has no " + key, unknown);
        }
    }

    /** Those that a page shows, from left to right. */
    public List<ColumnView> shown() {
        return all.stream().filter(Column::onScreen).map(Column::view).toList();
    }

    /**
     * Some of the columns that a page shows, in an order of one's own, after those that only files have.
     *
     * @throws Refusal if no page shows such a column
     */
    public Columns<R> only(List<String> keys) {
        Columns<R> some = new Columns<>(row);
        some.levels.addAll(levels);
        all.stream().filter(column -> !column.onScreen()).forEach(some.all::add);
        keys.forEach(key -> some.all.add(shown(key, "columns")));
        return some;
    }

    private Column<R> shown(String key, String field) {
        return all.stream()
                .filter(each -> each.onScreen() && each.view().key().equals(key))
                .findFirst()
                .orElseThrow(() -> Refusal.of(field, "There is no column " + key + "."));
    }

    /** Whether {@link #inOrder} knows an order. */
    public boolean orders(String order) {
        String key = order.startsWith("-") ? order.substring(1) : order;
        return key.isEmpty()
                || all.stream()
                        .anyMatch(each -> each.onScreen() && each.view().key().equals(key));
    }

    /**
     * Puts rows in order of one column, amounts by their size and texts without regard to capitals; what a row does not
     * have comes first.
     *
     * @throws Refusal if no page shows such a column
     */
    public Comparator<R> by(String key) {
        Column<R> column = shown(key, "order");
        return column.view().kind().isNumber()
                ? Comparator.comparing(
                        row -> (Amount) column.value(row), Comparator.nullsFirst(Comparator.naturalOrder()))
                : Comparator.comparing(row -> column.text(row).toLowerCase(Locale.ROOT));
    }

    /**
     * The rows in order of a column, and those that are alike in another order.
     *
     * @param order the key of a column, with a minus before it for the other way round; as they came where empty
     * @throws Refusal if no page shows such a column
     */
    public List<R> inOrder(List<R> rows, String order, Comparator<R> then) {
        if (order.isEmpty()) {
            return rows;
        }
        boolean descending = order.startsWith("-");
        Comparator<R> by = by(descending ? order.substring(1) : order);
        return rows.stream()
                .sorted((descending ? by.reversed() : by).thenComparing(then))
                .toList();
    }

    /**
     * Those rows for which all conditions hold.
     *
     * @throws Refusal if a condition is about a column that no page shows or that has no amounts
     */
    public List<R> where(List<Condition> conditions, List<R> rows) {
        List<R> found = rows;
        for (Condition condition : conditions) {
            Column<R> column = shown(condition.figure(), "condition");
            if (!column.view().kind().isNumber()) {
                throw Refusal.of(
                        "condition",
                        "No condition can be put on " + column.view().title() + ".");
            }
            found = found.stream()
                    .filter(row -> column.value(row) != null && condition.holds((Amount) column.value(row)))
                    .toList();
        }
        return found;
    }

    /** The sums of all figures of some rows, by the keys of their columns. */
    public Map<String, Amount> sums(List<R> rows) {
        Map<String, Amount> sums = new LinkedHashMap<>();
        all.stream()
                .filter(column -> column.onScreen() && column.view().kind().isNumber())
                .filter(column -> !levels.contains(column.view().key()))
                .forEach(column -> sums.put(
                        column.view().key(),
                        Amount.sum(rows.stream()
                                .map(row -> (Amount) column.value(row))
                                .filter(Objects::nonNull)
                                .toList())));
        return sums;
    }

    /**
     * One figure of a row, null where it has none.
     *
     * @throws Refusal if no page shows such a column
     */
    public Object value(R row, String key) {
        return shown(key, "columns").value(row);
    }

    /** The columns of figures, as a page shows them. */
    public List<ColumnView> figures() {
        return shown().stream().filter(column -> column.kind().isNumber()).toList();
    }

    /** The values of some rows by the keys of the columns that a page shows; null where a row has none. */
    public List<Map<String, Object>> values(List<R> rows) {
        return rows.stream().map(this::values).toList();
    }

    private Map<String, Object> values(R values) {
        Map<String, Object> byKey = new LinkedHashMap<>();
        all.stream()
                .filter(Column::onScreen)
                .forEach(column -> byKey.put(column.view().key(), column.value(values)));
        return byKey;
    }

    /** A file of some rows, with exact figures. */
    public CsvFile csv(String name, List<R> rows) {
        return CsvFile.of(
                name + ".csv",
                headings(),
                rows.stream()
                        .map(each ->
                                all.stream().map(column -> column.text(each)).toList())
                        .toList());
    }

    /** A workbook of some rows, in which amounts are numbers. */
    public XlsxFile xlsx(String name, List<R> rows) {
        XlsxFile.Sheet sheet = XlsxFile.sheet(name, headings());
        rows.forEach(each -> sheet.row(cells(each)));
        return sheet.file();
    }

    /** The cells of a row in a file: amounts and dates as what they are, all else as text. */
    public List<Object> cells(R row) {
        List<Object> cells = new ArrayList<>(all.size());
        all.forEach(column -> cells.add(column.cell(row)));
        return cells;
    }

    /** The cells of those columns that a page shows, as they are read. */
    public List<String> texts(R row) {
        return all.stream()
                .filter(Column::onScreen)
                .map(column -> column.text(row))
                .toList();
    }

    /** The headings of a file. */
    public List<String> headings() {
        return all.stream().map(Column::heading).toList();
    }
}
