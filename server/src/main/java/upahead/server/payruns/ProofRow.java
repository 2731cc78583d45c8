package upahead.server.payruns;

import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.payruns.ProofReport.ProofDifference;
import upahead.server.periods.LateChange;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/** A difference that the proof found, as it stands in a file. */
public record ProofRow(
        String payGroup,
        String person,
        String policy,
        Unit unit,
        Amount posted,
        Amount derived,
        LocalDate differsFrom,
        List<String> lateChange) {

    static final Columns<ProofRow> COLUMNS = Columns.of(ProofRow.class)
            .onlyInFiles("payGroup", ColumnKind.TEXT)
            .onlyInFiles("person", ColumnKind.TEXT)
            .onlyInFiles("policy", ColumnKind.TEXT)
            .onlyInFiles("unit", ColumnKind.UNIT)
            .onlyInFiles("posted", ColumnKind.AMOUNT)
            .onlyInFiles("derived", ColumnKind.AMOUNT)
            .onlyInFiles("differsFrom", ColumnKind.DATE)
            .onlyInFiles("lateChange", ColumnKind.WORDS);

    static ProofRow of(ProofDifference difference) {
        return new ProofRow(
                difference.payGroup(),
                difference.person(),
                difference.policy(),
                difference.unit(),
                difference.posted(),
                difference.derived(),
                difference.about(),
                difference.causes().stream().map(LateChange::what).toList());
    }
}
