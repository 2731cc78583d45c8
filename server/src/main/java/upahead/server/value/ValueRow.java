package upahead.server.value;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.function.Function;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.core.value.ValueChange;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/**
 * What a balance is worth on a day, and why it was worth something else on another.
 *
 * @param balance in the policy's unit, of any sign
 * @param hourly what an hour is worth on the day, null where nobody gave a rate
 * @param change in money; null without a rate
 * @param series worth on each of the days of a picture, null where there was no rate
 */
public record ValueRow(
        long personId,
        String code,
        String person,
        long teamId,
        String team,
        long siteId,
        String site,
        long policyId,
        String policy,
        Unit unit,
        Amount balance,
        @Nullable Amount hourly,
        @Nullable ValueChange change,
        List<Amount> series) {

    /** Its columns, on the screen and in files. */
    public static final Columns<ValueRow> COLUMNS = Columns.of(ValueRow.class)
            .with("code", "Code", ColumnKind.TEXT)
            .with("person", "Person", ColumnKind.TEXT)
            .with("team", "Team", ColumnKind.TEXT)
            .with("site", "Site", ColumnKind.TEXT)
            .with("policy", "Policy", ColumnKind.TEXT)
            .with("unit", "Unit", ColumnKind.UNIT)
            .with("balance", "Balance", ColumnKind.AMOUNT)
            .with("hourly", "Rate an hour", ColumnKind.AMOUNT)
            .with("before", "Worth before", ColumnKind.AMOUNT, ValueRow::before)
            .with("brought", "Brought along", ColumnKind.CHANGE, row -> money(row, ValueChange::brought))
            .with("earned", "Earned", ColumnKind.CHANGE, row -> money(row, ValueChange::earned))
            .with("adjusted", "Adjusted", ColumnKind.CHANGE, row -> money(row, ValueChange::adjusted))
            .with("used", "Used", ColumnKind.CHANGE, row -> money(row, ValueChange::used))
            .with("lapsed", "Lapsed", ColumnKind.CHANGE, row -> money(row, ValueChange::lapsed))
            .with("paidOut", "Paid out", ColumnKind.CHANGE, row -> money(row, ValueChange::paidOut))
            .with("rates", "Other rates", ColumnKind.CHANGE, row -> money(row, ValueChange::rates))
            .with("worth", "Worth", ColumnKind.RESULT, ValueRow::worth);

    private static Object money(ValueRow row, Function<ValueChange, Amount> part) {
        return row.change() == null ? null : part.apply(row.change());
    }

    /** What it was worth before, null without a rate. */
    @Nullable
    Amount before() {
        return change == null ? null : change.before();
    }

    /** What it is worth, null without a rate. */
    @Nullable
    Amount worth() {
        return change == null ? null : change.after();
    }

    /** Whether there is something that nobody can say the worth of. */
    boolean isUnknown() {
        return change == null && !balance.isZero();
    }
}
