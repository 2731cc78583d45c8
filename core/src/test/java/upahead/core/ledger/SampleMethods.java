package upahead.core.ledger;

import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.quantity.Amount;

/** The usual ways to earn, for tests. */
final class SampleMethods {

    private SampleMethods() {}

    static PerPeriod perMonth(String amount) {
        return new PerPeriod(
                PerPeriod.Every.MONTH,
                Amount.of(amount),
                PerPeriod.Per.PERIOD,
                PerPeriod.Posts.END,
                PerPeriod.Months.CALENDAR,
                PerPeriod.Partial.BY_DAYS);
    }

    static PerHoursWorked perHours(String earn, String forEvery) {
        return new PerHoursWorked(
                Amount.of(earn),
                Amount.of(forEvery),
                false,
                PerHoursWorked.STANDARD_KINDS,
                false,
                false,
                PerHoursWorked.Posts.PAY_PERIOD_END);
    }
}
