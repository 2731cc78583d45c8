package upahead.server.cards.days;

import java.time.LocalDate;
import java.time.LocalDateTime;
import upahead.core.cards.CardDay;

/**
 * A day of somebody's card, and how its times came to stand there.
 *
 * @param source where they came from, in words
 * @param byHand whether somebody typed or changed them, so that punches only add to them
 */
public record TimedDay(
        long personId,
        LocalDate on,
        CardDay times,
        String source,
        boolean byHand,
        String changedBy,
        LocalDateTime changedAt) {}
