package upahead.server.platform.audit;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;

/**
 * One change, as it was written down.
 *
 * @param subject what kind of thing was changed
 * @param thing what the thing is called now, null where it is not there any more
 * @param before what it was, null where there was nothing; values as JSON
 * @param after what it is now, null where nothing is left
 */
public record AuditRecord(
        long id,
        LocalDateTime at,
        String actor,
        String subject,
        long subjectId,
        @Nullable String thing,
        String what,
        @Nullable String before,
        @Nullable String after) {

    AuditRecord named(String name, String namedBefore, String namedAfter) {
        return new AuditRecord(id, at, actor, subject, subjectId, name, what, namedBefore, namedAfter);
    }
}
