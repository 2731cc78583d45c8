package upahead.server.payruns.delivery;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;

/**
 * A line that payroll has refused.
 *
 * @param reason as payroll gives it
 * @param settled null until it is settled
 */
public record RefusedLine(long lineId, long runId, String reason, LocalDateTime refusedAt, @Nullable Settled settled) {

    /** How it was settled: by whom, when, and what they say to it. */
    public record Settled(String by, LocalDateTime at, String note) {}
}
