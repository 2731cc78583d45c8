package upahead.server.payruns;

import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * A line that payroll got with a close. It keeps codes and names as they were then, and is never changed.
 *
 * @param about the pay period it is about; an earlier one than that of the run on a difference
 * @param amount signed: positive on a line of the period, of any sign on a difference
 */
public record HandedOver(
        long personId,
        String personCode,
        String personName,
        DateSpan about,
        Sort sort,
        Source source,
        String payrollCode,
        String what,
        Amount amount,
        Unit unit) {

    /** Whether a line is about the run's own period or changes what an earlier file said. */
    public enum Sort {
        PERIOD,
        CORRECTION
    }

    /** Where its amount comes from. */
    public enum Source {
        HOURS,
        HOLIDAY,
        LEAVE
    }

    /** What two files say about the same thing is added up under. */
    record Key(long personId, DateSpan about, Source source, String payrollCode, String what, Unit unit) {}

    Key key() {
        return new Key(personId, about, source, payrollCode, what, unit);
    }

    /** Two lines about the same in one. */
    HandedOver plus(HandedOver other) {
        return withAmount(amount.plus(other.amount), sort);
    }

    HandedOver withAmount(Amount other, Sort otherSort) {
        return new HandedOver(
                personId, personCode, personName, about, otherSort, source, payrollCode, what, other, unit);
    }
}
