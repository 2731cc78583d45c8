package upahead.core.cards;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A time of the clock, in whole minutes.
 *
 * @param again whether the second is meant, in the night in which an hour comes twice
 */
public record ClockTime(LocalTime time, boolean again) {

    private static final Pattern USUAL_FORMS =
            Pattern.compile("(\\d{1,2})(?:[:.]?(\\d{2}))?\\s*(?:([ap])\\.?m?\\.?)?(\\*)?");

    /**
     * Reads a time in any usual form: 9, 9:05, 0905, 9.05, 9:05p, 24:00; a star behind it means the second of an hour that
     * comes twice.
     *
     * @return nothing where it is none
     */
    public static Optional<ClockTime> read(String text) {
        Matcher match = USUAL_FORMS.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!match.matches()) {
            return Optional.empty();
        }
        int hour = Integer.parseInt(match.group(1));
        int minute = match.group(2) == null ? 0 : Integer.parseInt(match.group(2));
        String half = match.group(3);
        if (half != null) {
            if (hour < 1 || hour > 12) {
                return Optional.empty();
            }
            hour = hour % 12 + (half.equals("p") ? 12 : 0);
        }
        if (hour == 24 && minute == 0) {
            hour = 0;
        }
        return hour > 23 || minute > 59
                ? Optional.empty()
                : Optional.of(new ClockTime(LocalTime.of(hour, minute), match.group(4) != null));
    }

    /** What the clock of a place shows at a moment, without its seconds. */
    static ClockTime of(Instant moment, ZoneId zone) {
        ZonedDateTime shown = moment.atZone(zone);
        boolean again = !shown.withEarlierOffsetAtOverlap().isEqual(shown);
        return new ClockTime(shown.toLocalTime().withSecond(0).withNano(0), again);
    }

    static Instant moment(LocalDateTime time, boolean again, ZoneId zone) {
        ZonedDateTime shown = time.atZone(zone);
        return (again ? shown.withLaterOffsetAtOverlap() : shown).toInstant();
    }

    /** As it is read again: "09:05". */
    @Override
    public String toString() {
        return time + (again ? "*" : "");
    }
}
