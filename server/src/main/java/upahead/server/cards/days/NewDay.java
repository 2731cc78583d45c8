package upahead.server.cards.days;

import java.time.LocalDate;
import java.util.Map;
import upahead.core.cards.CardDay;
import upahead.core.quantity.Amount;

/**
 * What is to stand on a day of somebody's card.
 *
 * @param times empty where the day is to have none
 * @param hours by kind, of a day without times; empty for nothing
 */
public record NewDay(long personId, LocalDate on, CardDay times, Map<String, Amount> hours) {

    public static NewDay of(long personId, LocalDate on, CardDay times) {
        return new NewDay(personId, on, times, Map.of());
    }
}
