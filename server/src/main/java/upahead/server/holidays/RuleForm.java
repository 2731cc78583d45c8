package upahead.server.holidays;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.Month;
import java.time.MonthDay;
import upahead.core.calendar.Recurrence;
import upahead.core.calendar.YearlyHoliday;
import upahead.server.platform.problems.Refusal;

/**
 * A holiday that comes every year, as it is typed and stored: of the figures those of its sort count.
 *
 * @param month 1 to 12, for a fixed date or a weekday of a month
 * @param day of the month, for a fixed date
 * @param nth 1 to 4 or -1 for the last, for a weekday of a month
 * @param weekday for a weekday of a month
 * @param daysFromEaster after Easter Sunday, or before it where negative
 * @param days how many days in a row it lasts
 */
public record RuleForm(
        @NotBlank(message = "please give the holiday a name")
                @Size(max = 120, message = "a name has at most 120 characters")
                String name,
        @NotNull(message = "please say how it finds its day") Sort sort,
        @Nullable Integer month,
        @Nullable Integer day,
        @Nullable Integer nth,
        @Nullable DayOfWeek weekday,
        @Nullable
                @Min(value = -100, message = "that is too far from Easter")
                @Max(value = 100, message = "that is too far from Easter")
                Integer daysFromEaster,
        @NotNull YearlyHoliday.Observed observed,
        boolean half,
        @Min(value = 1, message = "a holiday lasts at least a day")
                @Max(value = 31, message = "a holiday lasts at most 31 days")
                int days) {

    /** How it finds its day. */
    public enum Sort {
        FIXED,
        NTH_WEEKDAY,
        AROUND_EASTER
    }

    /**
     * @throws Refusal if a figure is missing or there is no such day
     */
    YearlyHoliday holiday() {
        return new YearlyHoliday(name.strip(), recurrence(), observed, half, days);
    }

    private Recurrence recurrence() {
        try {
            return switch (sort) {
                case FIXED -> new Recurrence.Fixed(MonthDay.of(given("month", month), given("day", day)));
                case NTH_WEEKDAY -> {
                    if (weekday == null) {
                        throw Refusal.of("weekday", "Please choose a weekday.");
                    }
                    yield new Recurrence.NthWeekday(Month.of(given("month", month)), given("nth", nth), weekday);
                }
                case AROUND_EASTER -> new Recurrence.AroundEaster(given("daysFromEaster", daysFromEaster));
            };
        } catch (DateTimeException | IllegalArgumentException noSuchDay) {
            throw Refusal.of("day", "There is no such day: " + noSuchDay.getMessage() + ".");
        }
    }

    private static int given(String field, Integer figure) {
        if (figure == null) {
            throw Refusal.of(field, "This figure is missing.");
        }
        return figure;
    }
}
