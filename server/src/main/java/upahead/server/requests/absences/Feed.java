package upahead.server.requests.absences;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;

/**
 * A secret address under which a calendar program reads absences.
 *
 * @param readAt when it was read last, null while it never was
 */
public record Feed(long id, Scope scope, LocalDateTime madeAt, @Nullable LocalDateTime readAt) {

    /** Whose absences it has, always as far as the one who made it may see them. */
    public enum Scope {
        OWN,
        TEAM,
        EVERYBODY
    }
}
