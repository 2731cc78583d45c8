package upahead.server.requests.absences;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.people.ClockSpan;
import upahead.core.quantity.Amount;

/** The people of a team with their absences on some days, by name. */
public record TeamPeople(long teamId, List<PersonDays> people) {

    /** Somebody with the days of absence that may be seen. */
    public record PersonDays(long personId, String name, List<AbsentDay> days) {}

    /**
     * A day of absence.
     *
     * @param part how much of the day, above 0 and at most 1
     * @param between from when to when, null where that is not said
     * @param approved false while it waits
     * @param kind the policy, null where its kind is not shown
     * @param requestId null where the request may not be opened
     */
    public record AbsentDay(
            LocalDate on,
            Amount part,
            @Nullable ClockSpan between,
            boolean approved,
            @Nullable String kind,
            @Nullable Long requestId) {}
}
