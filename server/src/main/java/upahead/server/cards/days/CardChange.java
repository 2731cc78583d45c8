package upahead.server.cards.days;

import java.time.LocalDate;
import java.time.LocalDateTime;

/**
 * That a day of a card was changed.
 *
 * @param source where the times came from, in words
 * @param before the day's line before, empty where nothing stood there
 * @param after the day's line after it
 * @param reason why, empty where none was needed
 */
public record CardChange(
        LocalDate on, LocalDateTime at, String actor, String source, String before, String after, String reason) {}
