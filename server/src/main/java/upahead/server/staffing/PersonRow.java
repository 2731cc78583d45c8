package upahead.server.staffing;

import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.server.people.EmploymentType;

/**
 * What one row of a file says about somebody; what is null is not said.
 *
 * @param line on which it stands in the file
 * @param code never null, perhaps empty
 * @param week scheduled hours from Monday to Sunday
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
        String clockCode,
        List<String> faults) {}
