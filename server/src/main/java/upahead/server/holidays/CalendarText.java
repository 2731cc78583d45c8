package upahead.server.holidays;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.format.ResolverStyle;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import upahead.server.platform.problems.Refusal;

/**
 * The text of an iCalendar file, looked through line by line before it is read: readers of such files take what is there
 * of one that was cut off, move dates that do not exist and drop repeats they do not know, and a holiday would be wrong or
 * missing without a word.
 *
 * <p>Follows RFC 5545: folded lines (3.1), nested components (3.6), dates (3.3.4, 3.3.5) and repeats (3.3.10).
 */
final class CalendarText {

    private static final String CALENDAR = "VCALENDAR";
    private static final String EVENT = "VEVENT";
    private static final int LONGEST_VALUE_SHOWN = 60;

    private static final Set<String> DATES = Set.of("DTSTART", "DTEND", "EXDATE", "RDATE");
    private static final Pattern NAME = Pattern.compile("[A-Za-z0-9-]+");
    private static final Pattern DATE = Pattern.compile("(\\d{8})(T([01]\\d|2[0-3])[0-5]\\d[0-5]\\dZ?)?");
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("uuuuMMdd").withResolverStyle(ResolverStyle.STRICT);

    private static final String WEEKDAY = "(MO|TU|WE|TH|FR|SA|SU)";
    private static final Map<String, Pattern> REPEATS = Map.ofEntries(
            Map.entry("FREQ", Pattern.compile("DAILY|WEEKLY|MONTHLY|YEARLY")),
            Map.entry("INTERVAL", Pattern.compile("[1-9]\\d{0,3}")),
            Map.entry("COUNT", Pattern.compile("[1-9]\\d{0,5}")),
            Map.entry("UNTIL", DATE),
            Map.entry("WKST", Pattern.compile(WEEKDAY)),
            Map.entry("BYDAY", list("[+-]?\\d{0,2}" + WEEKDAY)),
            Map.entry("BYMONTH", list("0?[1-9]|1[0-2]")),
            Map.entry("BYMONTHDAY", list("[+-]?(0?[1-9]|[12]\\d|3[01])")),
            Map.entry("BYYEARDAY", list("[+-]?(?!0+$)(?:[0-2]?\\d?\\d|3[0-5]\\d|36[0-6])")),
            Map.entry("BYWEEKNO", list("[+-]?(0?[1-9]|[1-4]\\d|5[0-3])")),
            Map.entry("BYSETPOS", list("[+-]?[1-9]\\d{0,2}")));

    private CalendarText() {}

    /**
     * Looks through a file.
     *
     * @throws Refusal if it is no calendar, or not a whole one, or has a date or a repeat that cannot be meant
     */
    static void check(String text) {
        String[] lines = text.strip().split("\r\n|\r|\n");
        if (!lines[0].strip().equalsIgnoreCase("BEGIN:" + CALENDAR)) {
            throw refused("This is no iCalendar file: it does not begin with BEGIN:VCALENDAR.");
        }
        Deque<String> open = new ArrayDeque<>();
        for (int at = 0; at < lines.length; at++) {
            int number = at + 1;
            StringBuilder unfolded = new StringBuilder(lines[at]);
            while (at + 1 < lines.length && lines[at + 1].matches("[ \t].*")) {
                at++;
                unfolded.append(lines[at], 1, lines[at].length());
            }
            if (!unfolded.toString().isBlank()) {
                check(unfolded.toString(), number, open);
            }
        }
        if (!open.isEmpty()) {
            throw refused("The file ends within " + open.peek() + ": it was cut off, so nothing is taken from it.");
        }
    }

    private static void check(String text, int line, Deque<String> open) {
        int colon = colon(text);
        String name = colon < 0 ? "" : text.substring(0, colon).split(";", 2)[0];
        if (!NAME.matcher(name).matches()) {
            throw refused("Line " + line + " is no line of a calendar: " + shown(text) + ".");
        }
        String value = text.substring(colon + 1).strip();
        switch (name.toUpperCase(Locale.ROOT)) {
            case "BEGIN" -> open.push(value.toUpperCase(Locale.ROOT));
            case "END" -> {
                if (open.isEmpty() || !open.pop().equalsIgnoreCase(value)) {
                    throw refused("Line " + line + " ends " + shown(value) + ", which is not open there.");
                }
            }
            default -> {
                if (EVENT.equals(open.peek())) {
                    checkOfEvent(name.toUpperCase(Locale.ROOT), value, line);
                }
            }
        }
    }

    /** Where the value begins: the first colon that does not stand in quotes; -1 where there is none. */
    private static int colon(String text) {
        boolean quoted = false;
        for (int at = 0; at < text.length(); at++) {
            if (text.charAt(at) == '"') {
                quoted = !quoted;
            } else if (text.charAt(at) == ':' && !quoted) {
                return at;
            }
        }
        return -1;
    }

    private static void checkOfEvent(String name, String value, int line) {
        if (DATES.contains(name)) {
            for (String each : value.split(",")) {
                if (!isDate(each.split("/")[0])) {
                    throw refused("Line " + line + ": " + shown(each) + " is no date.");
                }
            }
        } else if (name.equals("RRULE")) {
            for (String part : value.toUpperCase(Locale.ROOT).split(";")) {
                checkRepeat(part, line);
            }
        }
    }

    private static void checkRepeat(String part, int line) {
        String[] sides = part.split("=", 2);
        Pattern allowed = REPEATS.get(sides[0]);
        boolean understood = allowed != null
                && sides.length == 2
                && allowed.matcher(sides[1]).matches();
        if (!understood || (sides[0].equals("UNTIL") && !isDate(sides[1]))) {
            throw refused("Line " + line + ": the repeat " + shown(part)
                    + " is not understood; holidays repeat by days, weeks, months or years.");
        }
    }

    private static boolean isDate(String text) {
        Matcher date = DATE.matcher(text);
        if (!date.matches()) {
            return false;
        }
        try {
            return LocalDate.parse(date.group(1), DAY).getYear() > 0;
        } catch (DateTimeParseException noDate) {
            return false;
        }
    }

    private static Pattern list(String one) {
        return Pattern.compile("(?:" + one + ")(?:,(?:" + one + "))*");
    }

    private static String shown(String text) {
        return text.length() > LONGEST_VALUE_SHOWN ? text.substring(0, LONGEST_VALUE_SHOWN) + "…" : text;
    }

    private static Refusal refused(String message) {
        return Refusal.of("file", message);
    }
}
