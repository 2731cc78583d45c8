package upahead.core.people;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.LocalTime;
import upahead.core.quantity.Amount;

/**
 * From one time of the clock to another, in whole minutes; over midnight where the second is not after the first.
 *
 * @param from counted, without seconds
 * @param to not counted any more, without seconds; the same as {@code from} for 24 hours
 */
public record ClockSpan(LocalTime from, LocalTime to) {

    private static final int DAY = (int) Duration.ofDays(1).toMinutes();
    private static final BigDecimal MINUTES_OF_AN_HOUR = BigDecimal.valueOf(60);
    private static final int DECIMALS_OF_AN_HOUR = 4;

    /**
     * @throws IllegalArgumentException if a time has seconds
     */
    public ClockSpan {
        if (from.toSecondOfDay() % 60 != 0 || to.toSecondOfDay() % 60 != 0) {
            throw new IllegalArgumentException("times of the clock are whole minutes, not " + from + " to " + to);
        }
    }

    /** How long it is, from 1 minute to 24 hours. */
    public int minutes() {
        return Math.floorMod(start(to) - start(from) - 1, DAY) + 1;
    }

    /** How many minutes both spans have, taken on the same day and on the days beside it, from 0 to those of the shorter. */
    public int minutesWithin(ClockSpan other) {
        int begins = start(from);
        int otherBegins = start(other.from);
        int shared = 0;
        for (int day = -1; day <= 1; day++) {
            int first = Math.max(begins, otherBegins + day * DAY);
            int last = Math.min(begins + minutes(), otherBegins + day * DAY + other.minutes());
            shared += Math.max(0, last - first);
        }
        return shared;
    }

    /** A length of time as hours, to four decimals, half up, where no decimal holds it. */
    public static Amount hours(Duration length) {
        return new Amount(BigDecimal.valueOf(length.toMinutes())
                .divide(MINUTES_OF_AN_HOUR, DECIMALS_OF_AN_HOUR, RoundingMode.HALF_UP)
                .stripTrailingZeros());
    }

    static Amount hours(int minutes) {
        return hours(Duration.ofMinutes(minutes));
    }

    private static int start(LocalTime time) {
        return time.toSecondOfDay() / 60;
    }
}
