package upahead.server.payruns;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.time.LocalDateTime;
import upahead.core.calendar.DateSpan;

/**
 * One pay period of one group.
 *
 * @param paysOn the day on which it is paid; it no longer moves once the run is closed
 * @param offCycleOf the leaver whose run it is, closed before that of the group; null for a run of the whole group
 * @param closings how often it was closed
 * @param checkedAt null unless it is checked, or closed after a check
 * @param checkedBy null unless it is checked, or closed after a check
 * @param closedAt null while it is not closed
 * @param closedBy null while it is not closed
 */
public record PayRun(
        long id,
        long payGroupId,
        LocalDate firstDay,
        LocalDate lastDay,
        LocalDate paysOn,
        RunState state,
        @Nullable Long offCycleOf,
        int closings,
        @Nullable LocalDateTime checkedAt,
        @Nullable String checkedBy,
        @Nullable LocalDateTime closedAt,
        @Nullable String closedBy) {

    public DateSpan period() {
        return new DateSpan(firstDay, lastDay);
    }

    /** Whether it is of one leaver and not of the whole group. */
    public boolean isOffCycle() {
        return offCycleOf != null;
    }

    public boolean isChecked() {
        return state == RunState.CHECKED;
    }

    /** Which close the next one is, or for a closed run the newest was; from 1 on. */
    int closing() {
        return isClosed() ? closings : closings + 1;
    }

    public boolean isClosed() {
        return state == RunState.CLOSED;
    }
}
