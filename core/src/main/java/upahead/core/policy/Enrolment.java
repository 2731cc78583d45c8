package upahead.core.policy;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;

/**
 * The days on which a person is covered by a policy.
 *
 * @param from the first day
 * @param ends the last day and what becomes of what is left on it, or nothing while no end is set
 */
public record Enrolment(LocalDate from, Optional<End> ends) {

    /**
     * The end of an enrolment.
     *
     * @param on the last day on which something is earned or used
     * @param balance what becomes of what is left on it
     */
    public record End(LocalDate on, EndBalance balance) {}

    /**
     * @throws IllegalArgumentException if it ends before it begins
     */
    public Enrolment {
        Objects.requireNonNull(from, "from");
        if (ends.isPresent() && ends.get().on().isBefore(from)) {
            throw new IllegalArgumentException(
                    "an enrolment from " + from + " cannot end on " + ends.get().on());
        }
    }

    /** Whether a day is one of them, the first and the last included. */
    public boolean covers(LocalDate day) {
        return !day.isBefore(from) && ends.filter(end -> day.isAfter(end.on())).isEmpty();
    }

    /** From a day on, without end. */
    public static Enrolment from(LocalDate from) {
        return new Enrolment(from, Optional.empty());
    }
}
