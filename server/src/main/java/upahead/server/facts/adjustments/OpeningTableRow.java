package upahead.server.facts.adjustments;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.quantity.Amount;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/** An opening balance in a file that can be filled in and brought in again; figures are null where there is none yet. */
public record OpeningTableRow(
        String code,
        String name,
        String policy,
        @Nullable LocalDate asOf,
        @Nullable Amount balance,
        @Nullable Amount earned,
        @Nullable Amount used,
        @Nullable Amount hoursToward) {

    static final Columns<OpeningTableRow> COLUMNS = Columns.of(OpeningTableRow.class)
            .onlyInFiles("code", ColumnKind.TEXT)
            .onlyInFiles("name", ColumnKind.TEXT)
            .onlyInFiles("policy", ColumnKind.TEXT)
            .onlyInFiles("asOf", ColumnKind.DATE)
            .onlyInFiles("balance", ColumnKind.RESULT)
            .onlyInFiles("earned", ColumnKind.AMOUNT)
            .onlyInFiles("used", ColumnKind.AMOUNT)
            .onlyInFiles("hoursToward", ColumnKind.AMOUNT);
}
