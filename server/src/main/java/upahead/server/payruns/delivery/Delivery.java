package upahead.server.payruns.delivery;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;

/**
 * Something that is delivered to payroll.
 *
 * @param closing which close of the run
 * @param reversal whether it takes back what an undone close delivered
 * @param attempt from 1 on; later ones deliver again what was refused
 * @param tries how often it was sent without an answer that could be read
 * @param failure what went wrong the last time, null where nothing did
 * @param answeredAt null as long as payroll has not answered
 */
public record Delivery(
        long id,
        long runId,
        int closing,
        boolean reversal,
        int attempt,
        LocalDateTime askedAt,
        String askedBy,
        int tries,
        @Nullable String failure,
        @Nullable LocalDateTime answeredAt) {

    boolean isWaiting() {
        return answeredAt == null;
    }
}
