package upahead.core.hours;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Objects;
import upahead.core.quantity.Amount;

/**
 * Hours worked on a date.
 *
 * @param on the date
 * @param kind such as "regular", "overtime" or "training"
 * @param hours at least 0
 */
public record Work(LocalDate on, String kind, Amount hours) {

    public static final String REGULAR = "regular";

    static final Comparator<Work> ORDER =
            Comparator.comparing(Work::on).thenComparing(Work::kind).thenComparing(Work::hours);

    /**
     * @throws IllegalArgumentException if the hours are below zero
     */
    public Work {
        Objects.requireNonNull(on, "on");
        Objects.requireNonNull(kind, "kind");
        if (hours.isNegative()) {
            throw new IllegalArgumentException("hours worked must be at least 0, not " + hours);
        }
    }
}
