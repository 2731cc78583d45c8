package upahead.server.payruns;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/**
 * The rows of a worksheet that have something in common and are counted in the same unit, added up.
 *
 * @param name of the team or policy
 * @param people how many, as an amount so that it stands among the figures
 */
public record WorksheetGroup(
        String name,
        Unit unit,
        Amount people,
        Amount opening,
        Amount earned,
        Amount used,
        Amount adjusted,
        Amount lapsed,
        Amount paidOut,
        Amount corrections,
        Amount closing) {

    /** What rows can have in common. */
    public enum By {
        TEAM(WorksheetRow::team),
        POLICY(WorksheetRow::policy);

        private final Function<WorksheetRow, String> name;

        By(Function<WorksheetRow, String> name) {
            this.name = name;
        }
    }

    /** Its columns, on the screen and in files. */
    public static final Columns<WorksheetGroup> COLUMNS = Columns.of(WorksheetGroup.class)
            .with("name", "Together", ColumnKind.TEXT)
            .with("unit", "Unit", ColumnKind.UNIT)
            .with("people", "People", ColumnKind.AMOUNT)
            .with("opening", "Opening", ColumnKind.AMOUNT)
            .with("earned", "+ Earned", ColumnKind.AMOUNT)
            .with("used", "− Used", ColumnKind.AMOUNT)
            .with("adjusted", "± Adjusted", ColumnKind.CHANGE)
            .with("lapsed", "− Lapsed", ColumnKind.AMOUNT)
            .with("paidOut", "− Paid out", ColumnKind.AMOUNT)
            .with("corrections", "± Corrected", ColumnKind.CHANGE)
            .with("closing", "= Closing", ColumnKind.RESULT);

    /** What is only recorded has no balance and is left out. */
    static List<WorksheetGroup> of(List<WorksheetRow> rows, By by) {
        Map<String, Map<Unit, List<WorksheetRow>>> together = rows.stream()
                .filter(row -> !row.recordedOnly())
                .collect(Collectors.groupingBy(by.name, LinkedHashMap::new, Collectors.groupingBy(WorksheetRow::unit)));
        List<WorksheetGroup> groups = new ArrayList<>();
        together.forEach((name, units) -> units.forEach((unit, some) -> groups.add(sum(name, unit, some))));
        groups.sort(Comparator.comparing(WorksheetGroup::name).thenComparing(WorksheetGroup::unit));
        return groups;
    }

    private static WorksheetGroup sum(String name, Unit unit, List<WorksheetRow> rows) {
        return new WorksheetGroup(
                name,
                unit,
                Amount.of(rows.stream().map(WorksheetRow::personId).distinct().count()),
                sum(rows, WorksheetRow::opening),
                sum(rows, WorksheetRow::earned),
                sum(rows, WorksheetRow::used),
                sum(rows, WorksheetRow::adjusted),
                sum(rows, WorksheetRow::lapsed),
                sum(rows, WorksheetRow::paidOut),
                sum(rows, WorksheetRow::corrections),
                sum(rows, WorksheetRow::closing));
    }

    private static Amount sum(List<WorksheetRow> rows, Function<WorksheetRow, Amount> figure) {
        return Amount.sum(rows.stream().map(figure).toList());
    }
}
