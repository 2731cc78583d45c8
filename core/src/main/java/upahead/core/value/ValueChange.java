package upahead.core.value;

import java.util.Optional;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * Why a balance is worth something else than before, in money: {@code after = before + brought + earned + adjusted + used +
 * lapsed + paidOut + rates}, always. What moved the balance is worth what an hour was worth before; all the rest of the
 * difference comes from other rates, other schedules and the rounding of cents.
 */
public record ValueChange(
        Amount before,
        Amount brought,
        Amount earned,
        Amount adjusted,
        Amount used,
        Amount lapsed,
        Amount paidOut,
        Amount rates,
        Amount after) {

    /**
     * @param then the rate before, nothing where there was none: then that of the last day counts for all of it
     * @param now the rate of the last day
     */
    public static ValueChange of(Movement moved, Unit unit, Optional<HourlyRate> then, HourlyRate now) {
        HourlyRate old = then.orElse(now);
        Amount before = old.worth(moved.before(), unit);
        Amount brought = old.worth(moved.brought(), unit);
        Amount earned = old.worth(moved.earned(), unit);
        Amount adjusted = old.worth(moved.adjusted(), unit);
        Amount used = old.worth(moved.used(), unit);
        Amount lapsed = old.worth(moved.lapsed(), unit);
        Amount paidOut = old.worth(moved.paidOut(), unit);
        Amount after = now.worth(moved.after(), unit);
        Amount rates = after.minus(before)
                .minus(brought)
                .minus(earned)
                .minus(adjusted)
                .minus(used)
                .minus(lapsed)
                .minus(paidOut);
        return new ValueChange(before, brought, earned, adjusted, used, lapsed, paidOut, rates, after);
    }
}
