package upahead.server.employment;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;

/**
 * Where somebody works, how, with whom they are paid, and who decides for them.
 *
 * @param approverId null where nobody is assigned
 */
public record Placing(
        long siteId,
        long teamId,
        @NotNull(message = "please say how they are employed") EmploymentType employmentType,
        long payGroupId,
        @Nullable Long approverId) {}
