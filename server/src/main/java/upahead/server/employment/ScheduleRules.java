package upahead.server.employment;

import java.util.List;
import upahead.core.quantity.Amount;
import upahead.server.platform.problems.Refusal;

/** What a weekly schedule and a full-time equivalent can be. */
public final class ScheduleRules {

    private static final int WEEKDAYS = 7;
    private static final Amount HOURS_OF_A_DAY = Amount.of(24);
    private static final Amount LARGEST_FTE = Amount.of(2);

    private ScheduleRules() {}

    /**
     * @param week scheduled hours from Monday to Sunday
     * @throws Refusal if it has not seven days, a day has not between 0 and 24 hours, or none has any
     */
    public static void requireWeek(List<Amount> week) {
        if (week.size() != WEEKDAYS) {
            throw Refusal.of("week", "A week has seven days.");
        }
        if (week.stream().anyMatch(hours -> hours.isNegative() || hours.isMoreThan(HOURS_OF_A_DAY))) {
            throw Refusal.of("week", "A day has between 0 and 24 scheduled hours.");
        }
        if (week.stream().noneMatch(Amount::isPositive)) {
            throw Refusal.of(
                    "week", "A schedule needs hours on one day at least; without any, leave would cost nothing.");
        }
    }

    /**
     * @throws Refusal if it is not between 0 and 2
     */
    public static void requireFte(Amount fte) {
        if (fte.isNegative() || fte.isMoreThan(LARGEST_FTE)) {
            throw Refusal.of("fte", "The full-time equivalent must be between 0 and " + LARGEST_FTE + ".");
        }
    }
}
