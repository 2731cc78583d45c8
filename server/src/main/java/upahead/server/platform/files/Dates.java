package upahead.server.platform.files;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Dates as they stand in files: 2027-04-26, or day and month in one of two orders, with a full year. */
public final class Dates {

    /** In what order day and month stand. */
    public enum Order {
        DAY_FIRST,
        MONTH_FIRST
    }

    private static final Pattern ISO = Pattern.compile("(\\d{4})-(\\d{1,2})-(\\d{1,2})(?:[T ].*)?");
    private static final Pattern OTHER = Pattern.compile("(\\d{1,2})[./ -](\\d{1,2})[./ -](\\d{4})(?:[T ].*)?");
    private static final int MONTHS = 12;

    private Dates() {}

    /** The order in which day and month stand, if some date tells it: the thirteenth of a month or later does. */
    public static Optional<Order> orderOf(List<String> texts) {
        return texts.stream()
                .map(OTHER::matcher)
                .filter(Matcher::matches)
                .flatMap(found -> Optional.ofNullable(order(found)).stream())
                .findFirst();
    }

    private static Order order(Matcher found) {
        if (Integer.parseInt(found.group(1)) > MONTHS) {
            return Order.DAY_FIRST;
        }
        return Integer.parseInt(found.group(2)) > MONTHS ? Order.MONTH_FIRST : null;
    }

    /** Whether dates stand among the texts whose order matters. */
    public static boolean needsOrder(List<String> texts) {
        return texts.stream().anyMatch(text -> OTHER.matcher(text).matches());
    }

    /** The date a text says, or nothing where it says none. */
    public static Optional<LocalDate> read(String text, Order order) {
        Matcher iso = ISO.matcher(text);
        if (iso.matches()) {
            return date(iso.group(1), iso.group(2), iso.group(3));
        }
        Matcher other = OTHER.matcher(text);
        if (!other.matches()) {
            return Optional.empty();
        }
        return order == Order.DAY_FIRST
                ? date(other.group(3), other.group(2), other.group(1))
                : date(other.group(3), other.group(1), other.group(2));
    }

    private static Optional<LocalDate> date(String year, String month, String day) {
        try {
            return Optional.of(LocalDate.of(Integer.parseInt(year), Integer.parseInt(month), Integer.parseInt(day)));
        } catch (DateTimeException noSuchDay) {
            return Optional.empty();
        }
    }
}
