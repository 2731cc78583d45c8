package upahead.server.platform.tables;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import upahead.core.quantity.Unit;

/**
 * One column of a table.
 *
 * @param onScreen whether pages show it, too, and not only files
 * @param part what stands in it for a row, null where the row has none
 */
record Column<R>(ColumnView view, boolean onScreen, Function<R, Object> part) {

    Object value(R row) {
        return part.apply(row);
    }

    /** The cell of a row in a file: an amount or a date as what it is, all else as text. */
    Object cell(R row) {
        Object value = value(row);
        return view.kind().isNumber() || value instanceof LocalDate ? value : text(row);
    }

    /** The cell of a row as it is read, empty where the row has none. */
    String text(R row) {
        Object value = value(row);
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

    /** Its heading in a file: paidOut becomes "paid out". */
    String heading() {
        return view.key().replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
    }

    static Object invoke(Method part, Object row) {
        try {
            return part.invoke(row);
        } catch (IllegalAccessException | InvocationTargetException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
