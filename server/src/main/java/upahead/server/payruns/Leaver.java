package upahead.server.payruns;

import jakarta.annotation.Nullable;
import java.time.LocalDate;

/**
 * Somebody whose last day is in the period of a run.
 *
 * @param run the run of this leaver that was closed before that of the group, null while there is none
 */
public record Leaver(long personId, String person, LocalDate lastDay, @Nullable PayRun run) {}
