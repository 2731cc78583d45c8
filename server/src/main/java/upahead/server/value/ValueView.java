package upahead.server.value;

import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;

/**
 * What leave is worth.
 *
 * @param all of it together
 * @param groups what is worth most first
 * @param series in order of time, to the year's end
 */
record ValueView(LocalDate asOf, LocalDate since, ValueSum all, List<ValueSum> groups, List<ValuePoint> series) {

    /**
     * What all are worth on a day.
     *
     * @param expected whether the day is ahead, so that the figure is a forecast
     */
    record ValuePoint(LocalDate on, Amount worth, boolean expected) {}
}
