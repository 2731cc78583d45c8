package upahead.server.policies;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import upahead.server.platform.access.Role;

/**
 * One of the approvals a request needs.
 *
 * @param by who gives it
 * @param role of whoever gives it, for a step by a role
 * @param personId who gives it, for a step by a named person
 */
public record SignOffStep(@NotNull By by, @Nullable Role role, @Nullable Long personId) {

    /** Who gives an approval. */
    public enum By {
        /** The approver of whoever asks. */
        APPROVER,
        /** Anybody who has a role. */
        ROLE,
        /** One named person. */
        PERSON
    }

    public static SignOffStep approver() {
        return new SignOffStep(By.APPROVER, null, null);
    }
}
