package upahead.server.enrolment;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import upahead.core.policy.EndBalance;

/**
 * What becomes of what is left when an enrolment ends.
 *
 * @param movedTo the policy of the same unit in which it goes on, null where it does not
 */
public record Ending(
        @NotNull(message = "please say what becomes of what is left") EndBalance balance, @Nullable Long movedTo) {}
