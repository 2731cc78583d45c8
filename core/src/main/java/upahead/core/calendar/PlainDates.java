package upahead.core.calendar;

import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.time.format.TextStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Dates as they are written in plain sentences. Put together by hand: a close says one of every line. */
public final class PlainDates {

    private static final List<String> SHORT = names(TextStyle.SHORT);
    private static final List<String> FULL = names(TextStyle.FULL);

    private PlainDates() {}

    private static List<String> names(TextStyle style) {
        return Arrays.stream(Month.values())
                .map(month -> month.getDisplayName(style, Locale.ENGLISH))
                .toList();
    }

    /** 4 May 2027 */
    public static String day(LocalDate day) {
        return dayOfYear(day) + " " + day.getYear();
    }

    /** 4 May 2027, 4 May to 8 May 2027, or 28 Dec 2026 to 3 Jan 2027 */
    public static String span(DateSpan span) {
        if (span.first().equals(span.last())) {
            return day(span.first());
        }
        return (span.first().getYear() == span.last().getYear() ? dayOfYear(span.first()) : day(span.first())) + " to "
                + day(span.last());
    }

    /** 31 March */
    public static String monthDay(MonthDay day) {
        return day.getDayOfMonth() + " " + FULL.get(day.getMonthValue() - 1);
    }

    private static String dayOfYear(LocalDate day) {
        return day.getDayOfMonth() + " " + SHORT.get(day.getMonthValue() - 1);
    }
}
