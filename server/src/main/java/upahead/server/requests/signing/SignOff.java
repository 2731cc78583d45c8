package upahead.server.requests.signing;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import upahead.server.platform.access.Role;

/**
 * An approval that a request needs.
 *
 * @param step from 1 on
 * @param personId who gives it, null where anybody of a role does
 * @param who who gives it, in words
 * @param signedById the sign-in with which it was given, null while it is open
 * @param signerId the person who gave it, null while it is open or where the one who gave it is no employee
 * @param signedBy who gave it, null while it is open
 * @param signedAt null while it is open
 */
public record SignOff(
        int step,
        @Nullable Long personId,
        @Nullable Role role,
        String who,
        @Nullable Long signedById,
        @Nullable Long signerId,
        @Nullable String signedBy,
        @Nullable LocalDateTime signedAt) {

    public boolean isOpen() {
        return signedBy == null;
    }
}
