package upahead.server.holidays;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumSet;
import java.util.Set;
import org.springframework.lang.Nullable;
import upahead.core.quantity.Amount;
import upahead.server.people.EmploymentType;

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

    static HolidayPay usual(long siteId) {
        return new HolidayPay(siteId, null, false, EnumSet.allOf(EmploymentType.class), "HOL");
    }
}
