package upahead.server.road;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.calendar.PayCalendar;

/**
 * The road: the pay periods of a group around today, and what happens on it.
 *
 * @param payGroupId null while there is no pay group
 * @param payGroup its name, null while there is none
 */
public record RoadView(
        @Nullable Long payGroupId,
        @Nullable String payGroup,
        @Nullable PayCalendar.Every every,
        LocalDate today,
        List<Segment> periods,
        List<Mark> marks) {

    /** How a period stands. */
    public enum State {
        CLOSED,
        GATHERING,
        AHEAD
    }

    /**
     * One pay period.
     *
     * @param runId its pay run, null while it is ahead
     */
    public record Segment(LocalDate first, LocalDate last, State state, @Nullable Long runId) {}

    /** What happens on a day. */
    public enum Kind {
        HOLIDAY,
        PROTECTED,
        POLICY,
        PAY_DAY
    }

    /** Something that happens on a day. */
    public record Mark(LocalDate on, Kind kind, String text) {}
}
