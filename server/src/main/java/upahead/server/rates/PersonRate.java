package upahead.server.rates;

import java.time.LocalDate;
import upahead.core.quantity.Amount;
import upahead.core.value.PayRate;

/**
 * A rate of somebody.
 *
 * @param from the first day on which it holds, until the next one of the person
 * @param amount at least 0, at most four decimals
 */
public record PersonRate(long id, long personId, LocalDate from, Amount amount, PayRate.Per per) {

    PayRate rate() {
        return new PayRate(amount, per);
    }
}
