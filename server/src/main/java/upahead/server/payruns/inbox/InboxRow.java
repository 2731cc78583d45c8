package upahead.server.payruns.inbox;

import java.time.LocalDate;
import java.time.LocalDateTime;

/** A row that the stand-in has taken, as it came; its amount is exact. */
public record InboxRow(
        String row,
        LocalDateTime takenAt,
        String person,
        String name,
        String code,
        String what,
        String amount,
        String unit,
        LocalDate from,
        LocalDate to,
        String entry) {}
