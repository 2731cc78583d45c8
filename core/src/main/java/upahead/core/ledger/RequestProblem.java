package upahead.core.ledger;

import java.time.LocalDate;
import upahead.core.quantity.Amount;

/** What stands against a request, with its date and by how much. */
public sealed interface RequestProblem {

    /** The day that is the trouble: one asked for, or one approved earlier that would fall short. */
    LocalDate on();

    /** The day is outside the employment or the enrolment. */
    record NotCovered(LocalDate on) implements RequestProblem {}

    /**
     * The day is before time can be used.
     *
     * @param useBegins the first day on which it can
     */
    record NotYetUsable(LocalDate on, LocalDate useBegins) implements RequestProblem {}

    /**
     * More would be used in the benefit year than its limit allows.
     *
     * @param limit of the benefit year
     * @param by above 0
     */
    record OverUsedPerYear(LocalDate on, Amount limit, Amount by) implements RequestProblem {}

    /**
     * The balance of a requested day would fall below what may be overdrawn.
     *
     * @param by above 0
     */
    record NotEnough(LocalDate on, Amount by) implements RequestProblem {}

    /**
     * Leave already approved for a later day would no longer be covered.
     *
     * @param by above 0
     */
    record LaterLeaveShort(LocalDate on, Amount by) implements RequestProblem {}
}
