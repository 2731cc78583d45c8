package upahead.server.payruns;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * The figures of one person in a run, as they were looked at when it was checked and are frozen with its close. It keeps
 * names as they were then.
 *
 * @param team at the last day of the run
 * @param balances in the order of the policies' names
 * @param worked hours worked and holidays paid in the period
 */
public record Statement(
        long personId, String code, String person, String team, List<Balance> balances, List<Worked> worked) {

    /**
     * A balance in the run.
     *
     * @param recordedOnly whether there is no balance, only what was used
     * @param available what could be used on the last day of the run; null where it was not kept
     * @param lapseOn the next day within a year on which time lapses as things stand, null where none does
     * @param lapses how much lapses then, null where nothing does
     */
    public record Balance(
            long policyId,
            String policy,
            Unit unit,
            boolean recordedOnly,
            RunTotals totals,
            @Nullable Amount available,
            @Nullable LocalDate lapseOn,
            @Nullable Amount lapses) {}

    /** Hours of one kind. */
    public record Worked(String what, String payrollCode, Amount amount, Unit unit) {}
}
