package upahead.server.requests;

import java.util.Optional;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.platform.words.Words;
import upahead.server.policies.LeaveIn;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.RequestRules;
import upahead.server.requests.RequestReview.Problem;
import upahead.server.requests.leave.LeaveDay;

/** Whether a day is asked for in parts that the policy allows. */
final class PartsOfDays {

    private static final Amount HALF = Amount.of("0.5");
    private static final Amount QUARTER = Amount.of("0.25");

    private PartsOfDays() {}

    static Optional<Problem> problem(PolicyDetail policy, LeaveDay day) {
        RequestRules rules = policy.rules();
        if (day.part().isInHours() && rules.leaveIn() != LeaveIn.HOURS
                || day.part().isHalf() && rules.leaveIn() == LeaveIn.WHOLE_DAYS) {
            return Optional.of(Problem.passable(
                    day.on(),
                    "days",
                    policy.name() + " is taken in "
                            + (rules.leaveIn() == LeaveIn.WHOLE_DAYS ? "whole days." : "whole and half days.")));
        }
        if (day.part().isInHours() && rules.smallestStep() != null) {
            boolean isMultiple =
                    day.hours().value().remainder(rules.smallestStep().value()).signum() == 0;
            if (!isMultiple) {
                return Optional.of(Problem.passable(
                        day.on(),
                        "days",
                        policy.name() + " is taken in steps of " + rules.smallestStep() + " hours, on "
                                + Words.weekday(day.on()) + " too."));
            }
        }
        return Optional.empty();
    }

    /** The smallest part of a day in the policy's unit, nothing where only whole days can be taken. */
    static Optional<Amount> step(PolicyDetail policy) {
        RequestRules rules = policy.rules();
        return switch (rules.leaveIn()) {
            case WHOLE_DAYS -> Optional.empty();
            case HALF_DAYS -> policy.unit() == Unit.DAYS ? Optional.of(HALF) : Optional.empty();
            case HOURS ->
                Optional.of(
                        policy.unit() == Unit.DAYS
                                ? HALF
                                : rules.smallestStep() == null ? QUARTER : rules.smallestStep());
        };
    }
}
