package upahead.core.ledger;

import java.time.LocalDate;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;

/** Something that is ahead for one account, with its date and amount in the policy's unit. */
public sealed interface Upcoming {

    /** The day on which it happens, within the days looked at. */
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
     * @param limit on the balance or on earning in a year
     * @param figure of that limit
     */
    record LimitReached(LocalDate on, Limit limit, Amount figure) implements Upcoming {}

    /**
     * Earning is cut off by a limit in one benefit year.
     *
     * @param on the first time
     * @param amount all that is withheld in the benefit year within the days looked at, above 0
     * @param limit the one that cuts it off first: on the balance, where using helps, or on earning in a year, where
     *     nothing does
     * @param through the last time
     */
    record Withheld(LocalDate on, Amount amount, Limit limit, LocalDate through) implements Upcoming {}

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
     * @param amount what the policy's amount is from then on
     */
    record TenureStep(LocalDate on, int years, Amount amount) implements Upcoming {}

    /**
     * A benefit year begins.
     *
     * @param carried the balance that is carried into it
     */
    record YearEnds(LocalDate on, Amount carried) implements Upcoming {}

    /**
     * The balance goes below zero.
     *
     * @param balance at the end of that day, below 0
     */
    record GoesBelowZero(LocalDate on, Amount balance) implements Upcoming {}

    /** Other terms take effect: a version of the policy or an exception. */
    record TermsChange(LocalDate on) implements Upcoming {}
}
