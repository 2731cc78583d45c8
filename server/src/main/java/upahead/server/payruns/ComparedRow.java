package upahead.server.payruns;

import java.util.List;
import java.util.Locale;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/**
 * One figure of one person in two runs.
 *
 * @param what such as "regular hours" or "Hourly leave used"
 * @param before in the other run, 0 where it has none
 * @param after in this run, 0 where it has none
 * @param change what is more in this run, negative where it is less
 * @param why what this run, or else the other, says about it
 */
public record ComparedRow(
        long personId,
        String code,
        String person,
        String team,
        String what,
        Unit unit,
        Amount before,
        Amount after,
        Amount change,
        List<String> why) {

    /** Its columns, on the screen and in files. */
    public static final Columns<ComparedRow> COLUMNS = Columns.of(ComparedRow.class)
            .onlyInFiles("code", ColumnKind.TEXT)
            .with("person", "Person", ColumnKind.TEXT)
            .onlyInFiles("team", ColumnKind.TEXT)
            .with("what", "What", ColumnKind.TEXT)
            .with("unit", "Unit", ColumnKind.UNIT)
            .with("before", "In the other run", ColumnKind.AMOUNT)
            .with("after", "In this run", ColumnKind.AMOUNT)
            .with("change", "Change", ColumnKind.CHANGE)
            .with("why", "Why", ColumnKind.WORDS);

    boolean matches(String search) {
        return (person + " " + code + " " + team + " " + what)
                .toLowerCase(Locale.ROOT)
                .contains(search.strip().toLowerCase(Locale.ROOT));
    }
}
