package upahead.server.cards.punches;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import upahead.core.cards.Punch;

/**
 * A punch as it is kept.
 *
 * @param terminalId null where it came from a file
 * @param mark by which the terminal knows it, null where it came from a file
 * @param code as it was typed
 * @param personId null while nobody is known by the code
 * @param at to the minute
 * @param zone by whose clock it was said
 * @param note why it is as it is, empty where there is nothing to say
 */
public record StoredPunch(
        long id,
        @Nullable Long terminalId,
        @Nullable String mark,
        String code,
        @Nullable Long personId,
        Punch.Kind kind,
        Instant at,
        ZoneId zone,
        String source,
        LocalDateTime arrivedAt,
        State state,
        String note) {

    /** What became of it. */
    public enum State {
        /** It made times of a card. */
        TAKEN,
        /** It was put onto a day that somebody had changed by hand. */
        ADDED,
        /** Nobody is known by its code. */
        UNKNOWN,
        /** It has no place: its day was changed by hand, or its period is closed. */
        SET_ASIDE,
        /** Somebody has looked at it and it does not count. */
        DISMISSED
    }

    Punch punch() {
        return new Punch(at, kind);
    }

    StoredPunch of(@Nullable Long person, State now, String why) {
        return new StoredPunch(id, terminalId, mark, code, person, kind, at, zone, source, arrivedAt, now, why);
    }
}
