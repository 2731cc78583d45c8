package upahead.server.platform.tables;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
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

    private record Column(ColumnView view, boolean onScreen, Method part) {}

    private final Class<R> row;
    private final List<Column> all = new ArrayList<>();

    private Columns(Class<R> row) {
        this.row = row;
    }

    /** No columns yet. */
    public static <R extends Record> Columns<R> of(Class<R> row) {
        return new Columns<>(row);
    }

    /** These columns and one more. */
    public Columns<R> with(String key, String title, ColumnKind kind) {
        all.add(new Column(new ColumnView(key, title, kind), true, part(key)));
        return this;
    }

    /** These columns and one more, which only files have. */
    public Columns<R> onlyInFiles(String key, ColumnKind kind) {
        all.add(new Column(new ColumnView(key, key, kind), false, part(key)));
        return this;
    }

    private Method part(String key) {
        try {
            Method part = row.getMethod(key);
            part.setAccessible(true);
            return part;
        } catch (NoSuchMethodException unknown) {
            throw new IllegalArgumentException(row.getSimpleName() + " has no " + key, unknown);
        }
    }

    /** Those that a page shows, from left to right. */
    public List<ColumnView> shown() {
        return all.stream().filter(Column::onScreen).map(Column::view).toList();
    }

    /**
     * Puts rows in order of one column, amounts by their size and texts without regard to capitals.
     *
     * @throws Refusal if no page shows such a column
     */
    public Comparator<R> by(String key) {
        Column column = all.stream()
                .filter(each -> each.onScreen() && each.view().key().equals(key))
                .findFirst()
                .orElseThrow(() -> Refusal.of("order", "There is no column " + key + "."));
        return column.view().kind().isNumber()
                ? Comparator.comparing(row -> (Amount) value(row, column))
                : Comparator.comparing(row -> cell(row, column).toLowerCase(Locale.ROOT));
    }

    /** The values of some rows by the keys of the columns that a page shows; null where a row has none. */
    public List<Map<String, Object>> values(List<R> rows) {
        return rows.stream().map(this::values).toList();
    }

    private Map<String, Object> values(R values) {
        Map<String, Object> byKey = new LinkedHashMap<>();
        all.stream()
                .filter(Column::onScreen)
                .forEach(column -> byKey.put(column.view().key(), value(values, column)));
        return byKey;
    }

    /** A file of some rows, with exact figures. */
    public CsvFile csv(String name, List<R> rows) {
        return CsvFile.of(
                name + ".csv",
                headings(),
                rows.stream()
                        .map(each ->
                                all.stream().map(column -> cell(each, column)).toList())
                        .toList());
    }

    /** A workbook of some rows, in which amounts are numbers. */
    public XlsxFile xlsx(String name, List<R> rows) {
        XlsxFile.Sheet sheet = XlsxFile.sheet(name, headings());
        rows.forEach(each -> sheet.row(all.stream()
                .map(column -> column.view().kind().isNumber() ? value(each, column) : cell(each, column))
                .toList()));
        return sheet.file();
    }

    private List<String> headings() {
        return all.stream().map(column -> heading(column.view().key())).toList();
    }

    /** paidOut becomes "paid out" */
    private static String heading(String key) {
        return key.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
    }

    private static String cell(Record row, Column column) {
        Object value = value(row, column);
        if (value == null) {
            return "";
        }
        if (value instanceof Unit unit) {
            return unit.name().toLowerCase(Locale.ROOT);
        }
        return value instanceof Collection<?> several
                ? several.stream().map(String::valueOf).collect(Collectors.joining("; "))
                : value.toString();
    }

    private static Object value(Record row, Column column) {
        try {
            return column.part().invoke(row);
        } catch (IllegalAccessException | InvocationTargetException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
