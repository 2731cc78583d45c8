package upahead.server.enrolment;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.Optional;
import upahead.core.policy.Limits;
import upahead.core.policy.OwnTerms;
import upahead.core.quantity.Amount;
import upahead.server.platform.problems.Refusal;
import upahead.written.RefusedTerms;
import upahead.written.WrittenTime;

/**
 * The figures of an exception as they are stored. What is null is as the policy says.
 *
 * @param amount replaces what is earned, tenure included
 * @param carry the most that is carried over
 */
public record OwnFigures(
        @Nullable Amount amount,
        @Nullable Limits limits,
        @Nullable Amount carry,
        @Nullable WrittenTime waitToEarn,
        @Nullable WrittenTime waitToUse) {

    /** Another amount to earn, all else as the policy says. */
    public static OwnFigures earning(Amount amount) {
        return new OwnFigures(amount, null, null, null, null);
    }

    /** Other limits, all else as the policy says. */
    public static OwnFigures limits(Limits limits) {
        return new OwnFigures(null, limits, null, null, null);
    }

    /**
     * The exception on its days.
     *
     * @param to null while no end is set
     * @throws Refusal if it ends before it begins, a figure is below zero or none is given
     */
    OwnTerms on(LocalDate from, LocalDate to) {
        if (to != null && to.isBefore(from)) {
            throw Refusal.of("to", "The exception ends before it begins.");
        }
        OwnTerms own = terms(from, to);
        if (!own.isOfEffect()) {
            throw Refusal.of("figures", "An exception replaces at least one figure.");
        }
        return own;
    }

    private OwnTerms terms(LocalDate from, LocalDate to) {
        try {
            return new OwnTerms(
                    from,
                    Optional.ofNullable(to),
                    Optional.ofNullable(amount),
                    limits == null ? Limits.NONE : limits,
                    Optional.ofNullable(carry),
                    Optional.ofNullable(waitToEarn).map(WrittenTime::toWait),
                    Optional.ofNullable(waitToUse).map(WrittenTime::toWait));
        } catch (IllegalArgumentException | RefusedTerms refused) {
            throw Refusal.of("figures", "The figures of an exception must be at least 0.");
        }
    }
}
