package upahead.server.policies;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;

/**
 * When whoever is asked for a decision is reminded.
 *
 * @param afterDays of waiting, and again after as many, from 1 to 60
 * @param beforeCloseDays before a pay period ends of which a day waits, from 0 to 14
 */
public record Reminding(
        @Min(value = 1, message = "a reminder comes after 1 to 60 days")
                @Max(value = 60, message = "a reminder comes after 1 to 60 days")
                int afterDays,
        @Min(value = 0, message = "a reminder comes 0 to 14 days before a period ends")
                @Max(value = 14, message = "a reminder comes 0 to 14 days before a period ends")
                int beforeCloseDays) {

    static final Reminding UNLESS_SAID = new Reminding(3, 2);
}
