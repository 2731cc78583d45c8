package upahead.server.requests;

import java.time.LocalDate;
import java.util.List;
import org.springframework.lang.Nullable;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * What a request costs and what stands against it.
 *
 * @param available on its first day, without it
 * @param yearEnds the last day of the benefit year of its last day
 * @param leftAtYearEnd the balance forecast for that day with the request taken
 * @param waitingElsewhere the total of other requests of this person that still wait
 */
public record RequestReview(
        Unit unit,
        Amount total,
        Amount available,
        LocalDate yearEnds,
        Amount leftAtYearEnd,
        Amount waitingElsewhere,
        List<DayView> days,
        List<Problem> problems) {

    /**
     * Something that stands against a request.
     *
     * @param on the day it is about, null where it is about all of it
     * @param field where it is put right
     */
    public record Problem(@Nullable LocalDate on, String field, String message) {}
}
