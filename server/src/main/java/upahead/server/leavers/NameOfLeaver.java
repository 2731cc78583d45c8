package upahead.server.leavers;

import jakarta.annotation.Nullable;
import java.time.LocalDate;

/**
 * Somebody who left.
 *
 * @param nameUntil the last day of the name by the rule, null where there is no rule
 * @param kept why it stays all the same, null where it does not
 * @param waits what has to happen first, a sentence; null where nothing has
 */
record NameOfLeaver(
        long personId,
        String code,
        String name,
        LocalDate lastDay,
        @Nullable LocalDate nameUntil,
        @Nullable KeptName kept,
        @Nullable String waits) {

    /** Whether the name goes on a day by itself. */
    boolean isDue(LocalDate day) {
        return nameUntil != null && nameUntil.isBefore(day) && kept == null && waits == null;
    }
}
