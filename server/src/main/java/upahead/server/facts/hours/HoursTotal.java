package upahead.server.facts.hours;

import upahead.core.quantity.Amount;

/** The hours of one person and kind over some days. */
public record HoursTotal(long personId, String kind, Amount hours) {

    /** The same without some of the hours. */
    public HoursTotal less(Amount some) {
        return some.isZero() ? this : new HoursTotal(personId, kind, hours.minus(some));
    }
}
