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
        CHECKED,
        /** Something changed after it was checked; the reason says what. */
        CHANGED,
        CLOSED,
        UNDONE
    }
}
