package upahead.core.ledger;

import java.time.LocalDate;
import upahead.core.quantity.Amount;

/** Something that is ahead for one account, with its date and amount in the policy's unit. */
public sealed interface Upcoming {

    LocalDate on();

    /** The wait before earning ends. */
    record EarningBegins(LocalDate on) implements Upcoming {}

    /**
     * The wait before use ends.
     *
     * @param balance at the end of that day
     */
    record UseBegins(LocalDate on, Amount balance) implements Upcoming {}

    /** A grant is due. */
    record Granted(LocalDate on, Amount amount) implements Upcoming {}

    /**
     * A limit is reached: the last posting that is not cut off fills it.
     *
     * @param perYear whether it is the limit on earning in a year rather than on the balance
     */
    record LimitReached(LocalDate on, Amount limit, boolean perYear) implements Upcoming {}

    /**
     * Earning is cut off by a limit in one benefit year.
     *
     * @param on the first time
     * @param amount all that is withheld in the benefit year within the days looked at, above 0
     * @param through the last time
     */
    record Withheld(LocalDate on, Amount amount, LocalDate through) implements Upcoming {}

    /**
     * Time lapses.
     *
     * @param on the day after its last usable one
     * @param amount of all lots that lapse that day, above 0
     */
    record Lapses(LocalDate on, Amount amount) implements Upcoming {}

    /** Time is paid out. */
    record PaidOut(LocalDate on, Amount amount) implements Upcoming {}

    /**
     * A tenure band is reached.
     *
     * @param years of service completed
     * @param figure what the policy's figure is from then on
     */
    record TenureStep(LocalDate on, int years, Amount figure) implements Upcoming {}

    /**
     * A benefit year begins.
     *
     * @param carried the balance that is carried into it
     */
    record YearEnds(LocalDate on, Amount carried) implements Upcoming {}

    /** Other terms take effect: a version of the policy or an exception. */
    record TermsChange(LocalDate on) implements Upcoming {}
}
