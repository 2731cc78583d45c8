package upahead.server.cards;

import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import upahead.core.cards.TypedDay;
import upahead.core.hours.Work;
import upahead.core.quantity.Amount;
import upahead.server.cards.CardView.CardBar;
import upahead.server.employment.DayTimes;

/** The schedule of a day as it stands behind a card, and as it would be typed. */
final class ScheduleOnCard {

    private static final int DAY = 24 * 60;

    private ScheduleOnCard() {}

    /** From when to when work is scheduled, without the break; nothing where no times are known. */
    static List<CardBar> bars(DayTimes times) {
        if (times == null) {
            return List.of();
        }
        int begins = minute(times.begins());
        int ends = after(begins, times.ends());
        if (times.breakBegins() == null) {
            return List.of(new CardBar("WORK", begins, ends));
        }
        int breakBegins = after(begins, times.breakBegins());
        return List.of(
                new CardBar("WORK", begins, breakBegins),
                new CardBar("WORK", after(breakBegins, times.breakEnds()), ends));
    }

    /**
     * What would be typed.
     *
     * @param times null where none are known
     * @param expected the hours to be worked beside leave
     * @param isWhole whether nothing of the scheduled day is leave or holiday
     */
    static String line(DayTimes times, Amount expected, boolean isWhole) {
        if (!expected.isPositive()) {
            return "";
        }
        if (times == null || !isWhole) {
            return TypedDay.line(Map.of(Work.REGULAR, expected));
        }
        String work = times.begins() + "-" + times.ends();
        return times.breakBegins() == null ? work : work + " (" + times.breakBegins() + "-" + times.breakEnds() + ")";
    }

    private static int after(int minute, LocalTime time) {
        int later = minute(time);
        return later > minute ? later : later + DAY;
    }

    static int minute(LocalTime time) {
        return time.toSecondOfDay() / 60;
    }
}
