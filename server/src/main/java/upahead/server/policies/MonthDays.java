package upahead.server.policies;

import java.time.DateTimeException;
import java.time.MonthDay;
import upahead.core.calendar.BenefitYear;
import upahead.server.platform.problems.Refusal;

/** Month and day as written in policies, such as {@code 03-31}. */
public final class MonthDays {

    static final String HIRE_ANNIVERSARY = "hire-anniversary";

    private MonthDays() {}

    static MonthDay read(String field, String text) {
        try {
            return MonthDay.parse("--" + text);
        } catch (DateTimeException notADay) {
            throw Refusal.of(field, "This must be a month and day such as 03-31.");
        }
    }

    public static BenefitYear benefitYear(String text) {
        return HIRE_ANNIVERSARY.equals(text)
                ? new BenefitYear.HireAnniversary()
                : new BenefitYear.StartsOn(read("benefitYear", text));
    }
}
