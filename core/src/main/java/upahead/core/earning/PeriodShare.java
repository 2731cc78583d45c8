package upahead.core.earning;

import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PlainDates;
import upahead.core.quantity.Amount;

/**
 * The share of one pay period, month or day.
 *
 * @param period the days it is for
 * @param amount the policy's amount, tenure minded: for the period, or for the year when {@code shares} is above 1
 * @param shares by how many it was divided, 1 where the amount is that of a period
 * @param scale what it was scaled by, averaged over the days covered
 * @param portion the part of the period that brings a share
 */
record PeriodShare(DateSpan period, Amount amount, int shares, Scale scale, Portion portion) implements Basis {
    @Override
    public String words() {
        return "For " + PlainDates.span(period) + ", " + amount
                + (shares == 1 ? "" : " a year over " + shares + " periods")
                + scale.words()
                + (portion.isWhole() ? "" : ", for " + portion.part() + " of " + portion.whole() + " days");
    }
}
