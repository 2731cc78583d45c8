package upahead.server.payruns;

import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/**
 * A person and policy on the worksheet of a run: opening + earned - used + adjusted - lapsed - paid out + corrections =
 * closing.
 *
 * @param recordedOnly whether there is no balance, only what was used
 * @param opening posted by earlier runs
 * @param used positive, as are {@code lapsed} and {@code paidOut}
 * @param adjusted by hand, moved, or brought along as an opening balance; signed
 * @param corrections of earlier runs, signed
 * @param withheld in this period
 * @param cautions what needs a look, in words, and was not accepted
 * @param accepted cautions that somebody has accepted, in words
 * @param hours worked by the person in the period by kind, with holidays paid; the same on each row of a person
 * @param lines what is or will be frozen
 */
public record WorksheetRow(
        long personId,
        String code,
        String person,
        String team,
        long policyId,
        String policy,
        Unit unit,
        boolean recordedOnly,
        Amount opening,
        Amount earned,
        Amount used,
        Amount adjusted,
        Amount lapsed,
        Amount paidOut,
        Amount corrections,
        Amount closing,
        Amount withheld,
        List<String> cautions,
        List<String> accepted,
        String hours,
        List<WorksheetLine> lines) {

    /** Its columns, on the screen and in files. */
    public static final Columns<WorksheetRow> COLUMNS = Columns.of(WorksheetRow.class)
            .onlyInFiles("code", ColumnKind.TEXT)
            .with("person", "Person", ColumnKind.TEXT)
            .onlyInFiles("team", ColumnKind.TEXT)
            .with("policy", "Policy", ColumnKind.TEXT)
            .with("unit", "Unit", ColumnKind.UNIT)
            .with("opening", "Opening", ColumnKind.AMOUNT)
            .with("earned", "+ Earned", ColumnKind.AMOUNT)
            .with("used", "− Used", ColumnKind.AMOUNT)
            .with("adjusted", "± Adjusted", ColumnKind.CHANGE)
            .with("lapsed", "− Lapsed", ColumnKind.AMOUNT)
            .with("paidOut", "− Paid out", ColumnKind.AMOUNT)
            .with("corrections", "± Corrected", ColumnKind.CHANGE)
            .with("closing", "= Closing", ColumnKind.RESULT)
            .onlyInFiles("withheld", ColumnKind.AMOUNT)
            .with("hours", "Hours", ColumnKind.TEXT)
            .with("cautions", "Cautions", ColumnKind.WORDS)
            .onlyInFiles("accepted", ColumnKind.WORDS);
}
