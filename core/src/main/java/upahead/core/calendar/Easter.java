package upahead.core.calendar;

import java.time.LocalDate;

/** Easter Sunday of the Gregorian calendar. */
public final class Easter {

    private Easter() {}

    /**
     * Easter Sunday of a year from 1583 on, by the anonymous Gregorian algorithm as Meeus gives it (Astronomical
     * Algorithms, chapter 8).
     */
    public static LocalDate sunday(int year) {
        int golden = year % 19;
        int century = year / 100;
        int ofCentury = year % 100;
        int correction = (century - (century + 8) / 25 + 1) / 3;
        int epact = (19 * golden + century - century / 4 - correction + 15) % 30;
        int weekday = (32 + 2 * (century % 4) + 2 * (ofCentury / 4) - epact - ofCentury % 4) % 7;
        int late = (golden + 11 * epact + 22 * weekday) / 451;
        int day = epact + weekday - 7 * late + 114;
        return LocalDate.of(year, day / 31, day % 31 + 1);
    }
}
