package upahead.server.accounts;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;
import upahead.server.policies.PolicyKind;

/**
 * One balance as of a day.
 *
 * @param booked approved leave after that day within its benefit year
 * @param available what could be used on that day if nothing else were booked later
 * @param askable what can still be asked for from that day on, with leave approved for later minded
 * @param useBegins the first day on which time can be used
 * @param nextLapse what lapses next within a year, null where nothing does
 * @param upAhead what is next for it, in words; empty where nothing is
 */
public record BalanceRow(
        long personId,
        String code,
        String person,
        String team,
        long policyId,
        String policy,
        PolicyKind kind,
        Unit unit,
        Amount earned,
        Amount used,
        Amount withheld,
        Amount booked,
        Amount balance,
        Amount available,
        Amount askable,
        @Nullable LocalDate useBegins,
        @Nullable Lapse nextLapse,
        String upAhead) {

    /** Its columns, on the screen and in files. */
    public static final Columns<BalanceRow> COLUMNS = Columns.of(BalanceRow.class)
            .onlyInFiles("code", ColumnKind.TEXT)
            .with("person", "Person", ColumnKind.TEXT)
            .with("team", "Team", ColumnKind.TEXT)
            .with("policy", "Policy", ColumnKind.TEXT)
            .with("unit", "Unit", ColumnKind.UNIT)
            .with("earned", "Earned", ColumnKind.AMOUNT)
            .with("used", "Used", ColumnKind.AMOUNT)
            .with("booked", "Booked", ColumnKind.AMOUNT)
            .with("withheld", "Withheld", ColumnKind.AMOUNT)
            .with("balance", "Balance", ColumnKind.RESULT)
            .onlyInFiles("available", ColumnKind.AMOUNT)
            .with("askable", "Can be asked", ColumnKind.AMOUNT)
            .with("upAhead", "Up ahead", ColumnKind.TEXT);

    /** Time that is about to lapse. */
    public record Lapse(LocalDate on, Amount amount) {}
}
