package upahead.server.holidays;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;

/**
 * What a year's holidays would be by the rules of a site, or what a file brings.
 *
 * @param days in order of time
 * @param notes what of a file is left out or was changed to fit
 */
public record YearPreview(List<PreviewDay> days, List<String> notes) {

    /**
     * One day.
     *
     * @param there the holiday that stands there already, null where there is none
     */
    public record PreviewDay(LocalDate on, String name, boolean half, State state, @Nullable String there) {}

    /** What taking it would do. */
    public enum State {
        NEW,
        SAME,
        /** Another holiday is there already; it stays. */
        TAKEN
    }
}
