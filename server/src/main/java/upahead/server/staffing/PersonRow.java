package upahead.server.staffing;

import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Rounding;
import upahead.server.employment.EmploymentType;

/**
 * What one row of a file says about somebody; what is null is not said.
 *
 * @param line on which it stands in the file
 * @param code never null, perhaps empty
 * @param approver code, e-mail address or name
 * @param week scheduled hours from Monday to Sunday
 * @param weeklyHours their sum
 * @param faults what of it cannot be read
 */
record PersonRow(
        long line,
        String code,
        String name,
        String email,
        String site,
        String team,
        EmploymentType employmentType,
        String payGroup,
        String approver,
        LocalDate hired,
        LocalDate lastDay,
        LocalDate serviceFrom,
        Amount fte,
        List<Amount> week,
        Amount weeklyHours,
        String clockCode,
        List<String> faults) {

    private static final Amount A_FIFTH = Amount.of("0.2");

    /** The week it says, day by day or by its sum, which is spread over Monday to Friday; null where it says none. */
    @Override
    public List<Amount> week() {
        if (week != null || weeklyHours == null) {
            return week;
        }
        Amount share = Rounding.STANDARD.round(Fraction.of(weeklyHours.times(A_FIFTH)));
        return List.of(share, share, share, share, share, Amount.ZERO, Amount.ZERO);
    }

    /** Whether only the sum of a week is said. */
    boolean isWeekSpread() {
        return week == null && weeklyHours != null;
    }

    /** The same, with the code of whoever decides. */
    PersonRow decidedBy(String code) {
        return new PersonRow(
                line,
                this.code,
                name,
                email,
                site,
                team,
                employmentType,
                payGroup,
                code,
                hired,
                lastDay,
                serviceFrom,
                fte,
                week,
                weeklyHours,
                clockCode,
                faults);
    }
}
