package upahead.core.people;

import java.time.DayOfWeek;
import java.util.EnumMap;
import java.util.Map;
import upahead.core.quantity.Amount;

/** The hours somebody is scheduled to work on each weekday; a weekday without hours is a day off. Immutable. */
public final class WeeklySchedule {

    private static final Amount DAY = Amount.of(24);

    private final Map<DayOfWeek, Amount> hours;

    /**
     * @throws IllegalArgumentException if a weekday has less than 0 or more than 24 hours
     */
    public WeeklySchedule(Map<DayOfWeek, Amount> hours) {
        EnumMap<DayOfWeek, Amount> copy = new EnumMap<>(DayOfWeek.class);
        hours.forEach((day, amount) -> {
            if (amount.isNegative() || amount.isMoreThan(DAY)) {
                throw new IllegalArgumentException(
                        "a scheduled day has between 0 and 24 hours, not " + amount + " on " + day);
            }
            copy.put(day, amount);
        });
        this.hours = copy;
    }

    /** The same hours from Monday to Friday. */
    public static WeeklySchedule mondayToFriday(Amount hours) {
        EnumMap<DayOfWeek, Amount> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            if (day.getValue() <= 5) {
                week.put(day, hours);
            }
        }
        return new WeeklySchedule(week);
    }

    /** The scheduled hours of a weekday, 0 on a day off. */
    public Amount on(DayOfWeek day) {
        return hours.getOrDefault(day, Amount.ZERO);
    }

    /** On how many weekdays there are hours, from 0 to 7. */
    public int workingDays() {
        return (int) hours.values().stream().filter(Amount::isPositive).count();
    }

    /** The hours of the whole week, from 0 to 168. */
    public Amount total() {
        return Amount.sum(hours.values());
    }
}
