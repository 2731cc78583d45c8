package upahead.server.employment;

import jakarta.annotation.Nullable;
import java.time.LocalDate;

/**
 * Of a person only what coverage asks for, so that everybody can be gone through quickly.
 *
 * @param lastDay null while none is set
 * @param placing where they work on the day for which this was read
 */
public record Whereabouts(long personId, @Nullable LocalDate lastDay, Placing placing) {

    /** Whether they are still employed on a day or come only after it. */
    public boolean isThereFrom(LocalDate day) {
        return lastDay == null || !lastDay.isBefore(day);
    }
}
