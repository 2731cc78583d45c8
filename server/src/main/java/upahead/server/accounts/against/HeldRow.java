package upahead.server.accounts.against;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.ledger.Explanation;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/**
 * A balance beside what another record says of it.
 *
 * @param theirs null where the other record does not have it
 * @param difference theirs less ours, null where theirs is
 * @param enrolled whether the person is enrolled in the policy here; ours is 0 where not
 * @param causes single events of which each would explain the difference, the likeliest first
 */
record HeldRow(
        long personId,
        String code,
        String person,
        String team,
        long policyId,
        String policy,
        Unit unit,
        Amount ours,
        @Nullable Amount theirs,
        @Nullable Amount difference,
        boolean enrolled,
        List<Cause> causes) {

    /**
     * What would explain a difference.
     *
     * @param says one plain sentence about the other record
     */
    record Cause(Explanation.Kind kind, LocalDate on, String says) {}

    /** Its columns in files. */
    static final Columns<HeldRow> COLUMNS = Columns.of(HeldRow.class)
            .with("code", "Code", ColumnKind.TEXT)
            .with("person", "Person", ColumnKind.TEXT)
            .with("team", "Team", ColumnKind.TEXT)
            .with("policy", "Policy", ColumnKind.TEXT)
            .with("unit", "Unit", ColumnKind.UNIT)
            .with("ours", "Here", ColumnKind.AMOUNT)
            .with("theirs", "There", ColumnKind.AMOUNT)
            .with("difference", "Difference", ColumnKind.CHANGE)
            .with("cause", "Likely cause", ColumnKind.TEXT, HeldRow::likely);

    /** The likeliest cause in words, empty where none was found or nothing differs. */
    String likely() {
        if (!enrolled) {
            return "Not enrolled in this policy here.";
        }
        if (theirs == null) {
            return "The other record does not have it.";
        }
        return causes.isEmpty() ? "" : causes.get(0).says();
    }

    boolean differs() {
        return difference == null || !difference.isZero();
    }
}
