package upahead.server.facts.awards;

import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;

/**
 * Paid hours given for an extra day.
 *
 * @param hours of all of them together
 * @param people who got them, by name
 */
public record Award(
        long id, LocalDate on, String name, String reason, String author, Amount hours, List<AwardedPerson> people) {

    /** Somebody with their hours. */
    public record AwardedPerson(long personId, String person, Amount hours) {}
}
