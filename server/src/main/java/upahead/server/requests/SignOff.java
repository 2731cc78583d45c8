package upahead.server.requests;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import upahead.server.platform.access.Role;

/**
 * An approval that a request needs.
 *
 * @param step from 1 on
 * @param personId who gives it, null where anybody of a role does
 * @param who who gives it, in words
 * @param signedBy who gave it, null while it is open
 * @param signedAt null while it is open
 */
public record SignOff(
        int step,
        @Nullable Long personId,
        @Nullable Role role,
        String who,
        @Nullable Long signedById,
        @Nullable String signedBy,
        @Nullable LocalDateTime signedAt) {

    boolean isOpen() {
        return signedBy == null;
    }
}
