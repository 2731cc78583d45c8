package upahead.server.policies;

import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.lang.Nullable;
import upahead.core.policy.OwnTerms;
import upahead.core.policy.Wait;
import upahead.core.quantity.Amount;
import upahead.server.policies.TermsDocument.Time;
import upahead.server.problems.Refusal;

/** The figures of an exception as they are stored. What is null is as the policy says. */
public record OwnFigures(
        @Nullable Amount figure,
        @Nullable Amount balanceLimit,
        @Nullable Amount earnedPerYear,
        @Nullable Amount usedPerYear,
        @Nullable Amount overdraw,
        @Nullable Amount carry,
        @Nullable Time waitToEarn,
        @Nullable Time waitToUse) {

    /** Another figure to earn, all else as the policy says. */
    public static OwnFigures earning(Amount figure) {
        return new OwnFigures(figure, null, null, null, null, null, null, null);
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
        if (Stream.of(figure, balanceLimit, earnedPerYear, usedPerYear, overdraw, carry)
                .anyMatch(amount -> amount != null && amount.isNegative())) {
            throw Refusal.of("figures", "The figures of an exception must be at least 0.");
        }
        if (equals(new OwnFigures(null, null, null, null, null, null, null, null))) {
            throw Refusal.of("figures", "An exception replaces at least one figure.");
        }
        return new OwnTerms(
                from,
                Optional.ofNullable(to),
                Optional.ofNullable(figure),
                Optional.ofNullable(balanceLimit),
                Optional.ofNullable(earnedPerYear),
                Optional.ofNullable(usedPerYear),
                Optional.ofNullable(overdraw),
                Optional.ofNullable(carry),
                wait(waitToEarn),
                wait(waitToUse));
    }

    private static Optional<Wait> wait(Time time) {
        return Optional.ofNullable(time).map(each -> new Wait(each.count(), each.in()));
    }
}
