package upahead.server.facts.lieu;

import java.time.LocalDate;
import java.time.LocalDateTime;
import upahead.core.quantity.Amount;

/**
 * Extra hours of a person that became time in lieu.
 *
 * @param kind of hours that are not paid
 * @param on the day the time is credited on, which is in the period of the hours
 * @param hours above 0
 * @param rate how much time an hour became, above 0
 * @param by who put them there
 */
public record LieuCredit(
        long id,
        long personId,
        long policyId,
        String kind,
        LocalDate on,
        Amount hours,
        Amount rate,
        String by,
        LocalDateTime at) {

    /** The time that was credited. */
    public Amount credited() {
        return hours.times(rate);
    }
}
