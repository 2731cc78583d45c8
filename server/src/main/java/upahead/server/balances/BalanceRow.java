package upahead.server.balances;

import java.time.LocalDate;
import org.springframework.lang.Nullable;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.policies.PolicyKind;

/**
 * One balance as of a day.
 *
 * @param booked approved leave after that day within its benefit year
 * @param available what could be used on that day if nothing else were booked later
 * @param askable what can still be asked for from that day on, with leave approved for later minded
 * @param useBegins the first day on which time can be used
 * @param nextLapse what lapses next within a year, null where nothing does
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
        @Nullable Lapse nextLapse) {

    /** Time that is about to lapse. */
    public record Lapse(LocalDate on, Amount amount) {}
}
