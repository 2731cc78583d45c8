package upahead.core.ledger;

import java.time.LocalDate;
import java.util.Optional;
import upahead.core.earning.Basis;
import upahead.core.facts.OpeningBalance;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.quantity.Amount;

/** Why a ledger line is there, as data. */
public sealed interface Reason {

    /** The opening balance that the ledger begins with. */
    record Opened(OpeningBalance opening) implements Reason {}

    /**
     * Something was earned.
     *
     * @param basis rule, inputs and arithmetic
     * @param offered the share after rounding the year's running total
     * @param room what the limits left room for, or nothing where no limit stands
     */
    record Earned(Basis basis, Amount offered, Optional<Room> room) implements Reason {}

    /**
     * What a limit left room for.
     *
     * @param amount at least 0
     * @param limit the one that was nearer, on the balance or on earning in a year
     * @param figure of that limit
     */
    record Room(Amount amount, Limit limit, Amount figure) {

        /** What the nearer limit leaves room for, that on the balance where both leave the same. */
        static Optional<Room> of(Limits limits, Amount balance, Amount earnedThisYear) {
            Optional<Room> underBalance = under(limits, Limit.BALANCE, balance);
            Optional<Room> underYear = under(limits, Limit.EARNED_PER_YEAR, earnedThisYear);
            return underYear
                    .filter(year -> underBalance
                            .filter(held -> !held.amount().isMoreThan(year.amount()))
                            .isEmpty())
                    .or(() -> underBalance);
        }

        private static Optional<Room> under(Limits limits, Limit limit, Amount reached) {
            return limits.on(limit).map(figure -> new Room(figure.minus(reached).floorAtZero(), limit, figure));
        }
    }

    /** Somebody adjusted the balance and said why. */
    record Adjusted(String reason) implements Reason {}

    /** Leave was taken. */
    record LeaveTaken() implements Reason {}

    /**
     * A lot passed its last usable day.
     *
     * @param credited when the lot was credited
     * @param lastUsable its last usable day
     */
    record NotUsedInTime(LocalDate credited, LocalDate lastUsable) implements Reason {}

    /**
     * More was held at a year's end than is carried over.
     *
     * @param held the balance at the end of the benefit year
     * @param carried the most that is carried over
     */
    record NotCarriedOver(Amount held, Amount carried) implements Reason {}

    /** What was left on the last day of employment. */
    record LeftOnLeaving() implements Reason {}

    /** What was left when the enrolment in the policy ended. */
    record EnrolmentEnded() implements Reason {}

    /** The balance went on in another policy when the enrolment in this one ended. */
    record MovedToAnotherPolicy() implements Reason {}
}
