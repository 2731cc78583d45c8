package upahead.server.accounts;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;
import upahead.server.policies.PolicyKind;

/**
 * One balance as of a day, with what made it so since its benefit year began: {@code balance = carried + earned - used +
 * adjusted - lapsed - paidOut}.
 *
 * @param booked approved leave after that day within its benefit year
 * @param waiting leave of its benefit year that is asked for and not decided
 * @param remaining the balance less what is booked
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
        long teamId,
        String team,
        long siteId,
        String site,
        long policyId,
        String policy,
        PolicyKind kind,
        Unit unit,
        Amount carried,
        Amount earned,
        Amount used,
        Amount adjusted,
        Amount lapsed,
        Amount paidOut,
        Amount withheld,
        Amount balance,
        Amount booked,
        Amount waiting,
        Amount remaining,
        Amount available,
        Amount askable,
        @Nullable LocalDate useBegins,
        @Nullable Lapse nextLapse,
        String upAhead) {

    /** All columns there are, on the screen and in files. */
    public static final Columns<BalanceRow> COLUMNS = Columns.of(BalanceRow.class)
            .onlyInFiles("code", ColumnKind.TEXT)
            .with("person", "Person", ColumnKind.TEXT)
            .with("team", "Team", ColumnKind.TEXT)
            .with("site", "Site", ColumnKind.TEXT)
            .with("policy", "Policy", ColumnKind.TEXT)
            .with("unit", "Unit", ColumnKind.UNIT)
            .with("carried", "Carried", ColumnKind.AMOUNT)
            .with("earned", "+ Earned", ColumnKind.AMOUNT)
            .with("used", "− Used", ColumnKind.AMOUNT)
            .with("adjusted", "± Adjusted", ColumnKind.CHANGE)
            .with("lapsed", "− Lapsed", ColumnKind.AMOUNT)
            .with("paidOut", "− Paid out", ColumnKind.AMOUNT)
            .with("balance", "= Balance", ColumnKind.RESULT)
            .with("booked", "Booked", ColumnKind.AMOUNT)
            .with("waiting", "Waiting", ColumnKind.AMOUNT)
            .with("remaining", "Remaining", ColumnKind.RESULT)
            .with("available", "Available", ColumnKind.AMOUNT)
            .with("askable", "Can be asked", ColumnKind.AMOUNT)
            .with("withheld", "Withheld", ColumnKind.AMOUNT)
            .with("lapses", "Would lapse", ColumnKind.AMOUNT)
            .with("lapsesOn", "Lapses on", ColumnKind.DATE)
            .with("upAhead", "Up ahead", ColumnKind.TEXT);

    /** Those that are shown where nobody chose others. */
    public static final List<String> USUAL = List.of(
            "person",
            "team",
            "policy",
            "unit",
            "carried",
            "earned",
            "used",
            "balance",
            "booked",
            "remaining",
            "upAhead");

    /** Time that is about to lapse. */
    public record Lapse(LocalDate on, Amount amount) {}

    /** How much lapses next within a year, 0 where nothing does. */
    public Amount lapses() {
        return nextLapse == null ? Amount.ZERO : nextLapse.amount();
    }

    /** When that is, null where nothing lapses. */
    public @Nullable LocalDate lapsesOn() {
        return nextLapse == null ? null : nextLapse.on();
    }
}
