package upahead.written;

import jakarta.annotation.Nullable;
import java.time.DateTimeException;
import java.time.MonthDay;
import java.util.Objects;
import java.util.stream.Stream;
import upahead.core.policy.Usability;

/** How long something can be used: exactly one of days, months, or a month and day such as {@code 03-31}. */
public record WrittenUsability(@Nullable Integer days, @Nullable Integer months, @Nullable String until) {

    private static final int LONGEST = 40;

    Usability toUsability() {
        if (Stream.of(days, months, until).filter(Objects::nonNull).count() != 1) {
            throw RefusedTerms.at("", "needs exactly one of days, months, until");
        }
        return until == null
                ? new WrittenTime(days, months).toUsability()
                : new Usability.Until(monthDay("until", until));
    }

    /**
     * @throws RefusedTerms if the text is no month and day
     */
    static MonthDay monthDay(String place, String text) {
        try {
            return MonthDay.parse("--" + text);
        } catch (DateTimeException notADay) {
            throw RefusedTerms.at(
                    place,
                    "must be a month and day such as 03-31, not "
                            + (text.length() > LONGEST ? text.substring(0, LONGEST) + "..." : text));
        }
    }
}
