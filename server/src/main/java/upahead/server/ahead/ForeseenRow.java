package upahead.server.ahead;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.accounts.AheadView.What;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/**
 * What is about to happen to one balance.
 *
 * @param amount in the policy's unit, null where it is about no amount
 * @param message one plain sentence
 */
record ForeseenRow(
        LocalDate on,
        What what,
        long personId,
        String code,
        String person,
        long teamId,
        String team,
        long policyId,
        String policy,
        Unit unit,
        @Nullable Amount amount,
        String message) {

    /** Its columns in files. */
    static final Columns<ForeseenRow> COLUMNS = Columns.of(ForeseenRow.class)
            .with("on", "Day", ColumnKind.DATE)
            .with("code", "Code", ColumnKind.TEXT)
            .with("person", "Person", ColumnKind.TEXT)
            .with("team", "Team", ColumnKind.TEXT)
            .with("policy", "Policy", ColumnKind.TEXT)
            .with("unit", "Unit", ColumnKind.UNIT)
            .with("amount", "Amount", ColumnKind.AMOUNT)
            .with("message", "What", ColumnKind.TEXT);
}
