package upahead.server.requests;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * What a request costs and what stands against it.
 *
 * @param askable what can be asked for from its first day on, without it; null where there is no balance
 * @param yearEnds the last day of the benefit year of its last day
 * @param leftAtYearEnd the balance forecast for that day with the request taken; null where there is none
 * @param waitingElsewhere the total of other requests of this person that still wait
 * @param affordable its largest affordable part, null where all of it is
 */
public record RequestReview(
        Unit unit,
        Amount total,
        @Nullable Amount askable,
        LocalDate yearEnds,
        @Nullable Amount leftAtYearEnd,
        Amount waitingElsewhere,
        List<DayView> days,
        List<Problem> problems,
        @Nullable AffordablePart affordable) {

    /**
     * The largest part of a request that is affordable.
     *
     * @param amount of all its days
     * @param days the affordable amounts by date; a day that is not there costs more than can be afforded
     */
    public record AffordablePart(Amount amount, List<AffordableDay> days) {}

    /** What of a day is affordable. */
    public record AffordableDay(LocalDate on, Amount amount) {}

    /**
     * Something that stands against a request.
     *
     * @param on the day it is about, null where it is about all of it
     * @param field where it is put right
     * @param passable whether an administrator who enters leave can pass it with a reason
     * @param withNote whether whoever asks can pass it by saying why in the note
     */
    public record Problem(@Nullable LocalDate on, String field, String message, boolean passable, boolean withNote) {
        /** One that nobody can pass. */
        Problem(LocalDate on, String field, String message) {
            this(on, field, message, false, false);
        }

        /** One that an administrator who enters leave can pass with a reason. */
        static Problem passable(LocalDate on, String field, String message) {
            return new Problem(on, field, message, true, false);
        }

        /** One that whoever asks can pass with a note, and an administrator with a reason. */
        static Problem withNote(LocalDate on, String field, String message) {
            return new Problem(on, field, message, true, true);
        }
    }
}
