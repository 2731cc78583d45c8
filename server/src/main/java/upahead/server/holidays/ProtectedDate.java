package upahead.server.holidays;

import jakarta.annotation.Nullable;
import java.time.LocalDate;

/**
 * Days on which no leave can be booked.
 *
 * @param teamId null where they hold for everybody
 * @param team its name, null where they hold for everybody
 */
public record ProtectedDate(
        long id, LocalDate starts, LocalDate ends, String reason, @Nullable Long teamId, @Nullable String team) {

    public boolean holdsFor(LocalDate day, long ofTeam) {
        return !day.isBefore(starts) && !day.isAfter(ends) && (teamId == null || teamId == ofTeam);
    }
}
