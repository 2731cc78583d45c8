package upahead.server.platform.words;

import java.math.RoundingMode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.Locale;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/** Dates, spans and amounts as people write them. */
public final class Words {

    private static final DateTimeFormatter WEEKDAY = DateTimeFormatter.ofPattern("EEEE, d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter FULL_DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final int DECIMALS = 2;

    private Words() {}

    /** "Tuesday". */
    public static String weekday(DayOfWeek day) {
        return day.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

    /** Wednesday, 14 April */
    public static String weekday(LocalDate day) {
        return WEEKDAY.format(day);
    }

    /** 14 April */
    public static String day(LocalDate day) {
        return DAY.format(day);
    }

    /** 14 April 2027 */
    public static String fullDay(LocalDate day) {
        return FULL_DAY.format(day);
    }

    /** 12 April to 25 April, or just the day where there is only one */
    public static String span(DateSpan span) {
        return span.first().equals(span.last()) ? day(span.first()) : day(span.first()) + " to " + day(span.last());
    }

    /** 7.5, to two decimals, half up */
    public static String figure(Amount amount) {
        return rounded(amount).toString();
    }

    /** 7.5 hours, to two decimals, half up */
    public static String amount(Amount amount, Unit unit) {
        return unit.counted(rounded(amount));
    }

    private static Amount rounded(Amount amount) {
        return new Amount(amount.value().setScale(DECIMALS, RoundingMode.HALF_UP));
    }

    /** 1 blocker, 3 blockers */
    public static String count(long count, String one) {
        return count + " " + (count == 1 ? one : one + "s");
    }
}
