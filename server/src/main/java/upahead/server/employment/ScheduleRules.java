package upahead.server.employment;

import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import upahead.core.quantity.Amount;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.words.Words;

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
     * @throws Refusal if the hours of a day are not those from begin to end without the break, or a day has times twice
     */
    public static void requireTimes(List<Amount> week, List<DayTimes> times) {
        Set<DayOfWeek> seen = EnumSet.noneOf(DayOfWeek.class);
        for (DayTimes day : times) {
            Amount hours = day.times().hours();
            Amount said = week.get(day.weekday().ordinal());
            if (!seen.add(day.weekday())) {
                throw Refusal.of("week", Words.weekday(day.weekday()) + " has times twice.");
            }
            if (!hours.equals(said)) {
                throw Refusal.of(
                        "week",
                        Words.weekday(day.weekday()) + " has " + hours
                                + " hours from begin to end without the break, not " + said + ".");
            }
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
