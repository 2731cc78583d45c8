package upahead.server.accounts.adjusting;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.facts.adjustments.AdjustmentRow;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/**
 * What an adjustment would make of a balance, with all others of the same list.
 *
 * @param before the balance at the end of its day as it is, null where it cannot be made
 * @param after as it would be, null with it
 * @param yearEnds the last day of the benefit year of its day, or today's where that is later; null with it
 * @param endBefore the forecast of the balance on that day as it is, null with it
 * @param endAfter as it would be: less where a limit then withholds earning; null with it
 * @param says what is wrong, or what is unusual and still can be
 */
public record AdjustmentEffect(
        AdjustmentRow row,
        String code,
        String person,
        String team,
        String policy,
        @Nullable Unit unit,
        @Nullable Amount before,
        @Nullable Amount after,
        @Nullable LocalDate yearEnds,
        @Nullable Amount endBefore,
        @Nullable Amount endAfter,
        boolean wrong,
        List<String> says) {

    /** Its columns in files. */
    static final Columns<AdjustmentEffect> COLUMNS = Columns.of(AdjustmentEffect.class)
            .with("code", "Code", ColumnKind.TEXT)
            .with("person", "Person", ColumnKind.TEXT)
            .with("team", "Team", ColumnKind.TEXT)
            .with("policy", "Policy", ColumnKind.TEXT)
            .with("unit", "Unit", ColumnKind.UNIT)
            .with("on", "Day", ColumnKind.DATE, effect -> effect.row().on())
            .with("amount", "Change", ColumnKind.CHANGE, effect -> effect.row().amount())
            .with("before", "Balance", ColumnKind.AMOUNT)
            .with("after", "Would be", ColumnKind.RESULT)
            .with("endAfter", "At the year’s end", ColumnKind.AMOUNT)
            .with("says", "Mind", ColumnKind.WORDS);

    static AdjustmentEffect wrong(AdjustmentRow row, String code, String person, String policy, String fault) {
        return new AdjustmentEffect(
                row, code, person, "", policy, null, null, null, null, null, null, true, List.of(fault));
    }
}
