package upahead.server.payruns;

import java.time.LocalDate;
import java.time.LocalDateTime;
import org.springframework.lang.Nullable;
import upahead.core.calendar.DateSpan;

/**
 * One pay period of one group.
 *
 * @param closedAt null while it is gathering
 * @param closedBy null while it is gathering
 */
public record PayRun(
        long id,
        long payGroupId,
        LocalDate firstDay,
        LocalDate lastDay,
        RunState state,
        @Nullable LocalDateTime closedAt,
        @Nullable String closedBy) {

    public DateSpan period() {
        return new DateSpan(firstDay, lastDay);
    }
}
