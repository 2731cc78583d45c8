package upahead.server.payruns;

import java.time.LocalDateTime;

/**
 * Something that was done to a run.
 *
 * @param reason empty where none is asked for
 */
public record RunEvent(LocalDateTime at, String actor, What what, String reason) {

    /** What was done. */
    public enum What {
        CLOSED,
        UNDONE
    }
}
