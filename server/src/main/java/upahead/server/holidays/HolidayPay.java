package upahead.server.holidays;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Set;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.core.hours.WorkingDays;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.employment.EmploymentType;

/**
 * How the holidays of a site are paid.
 *
 * @param fixedHours for a whole holiday, half of them for half a one; null for the scheduled hours
 * @param byFte whether fixed hours are scaled by the full-time equivalent
 * @param employmentTypes of those who are paid
 * @param payrollCode under which payroll gets the hours
 */
public record HolidayPay(
        long siteId,
        @Nullable Amount fixedHours,
        boolean byFte,
        @NotNull Set<@NotNull EmploymentType> employmentTypes,
        @NotBlank(message = "payroll needs a code")
                @Size(max = 20, message = "a payroll code has at most 20 characters")
                String payrollCode) {

    private static final Amount HALF = Amount.of("0.5");
    private static final int DECIMALS = 2;

    /** Scheduled hours for everybody, which is what holds until something else is said. */
    public static HolidayPay usual(long siteId) {
        return new HolidayPay(siteId, null, false, EnumSet.allOf(EmploymentType.class), "HOL");
    }

    /** The paid hours of a holiday on a day, 0 for whoever is not employed or in a pause then. */
    public Amount hours(Holiday holiday, LocalDate on, Employment employment, HolidayCalendar calendar) {
        boolean employed = !on.isBefore(employment.hired())
                && employment.leaves().filter(on::isAfter).isEmpty()
                && employment.pauses().stream().noneMatch(pause -> pause.contains(on));
        if (!employed) {
            return Amount.ZERO;
        }
        if (fixedHours == null) {
            return new WorkingDays(employment, calendar).holidayHours(on);
        }
        Amount whole = byFte ? fixedHours.times(employment.fteOn(on)) : fixedHours;
        return toHundredths(holiday.half() ? whole.times(HALF) : whole);
    }

    /** Hours as they stand on a time card. */
    public static Amount toHundredths(Amount hours) {
        return new Amount(hours.value().setScale(DECIMALS, RoundingMode.HALF_UP));
    }
}
