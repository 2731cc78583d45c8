package upahead.server.people;

import java.time.LocalDate;
import org.springframework.lang.Nullable;

/**
 * An employee as the directory shows them.
 *
 * @param email null for somebody without e-mail
 * @param approverId null where nobody is assigned
 * @param approver the approver's name, null where nobody is assigned
 * @param lastDay null while none is set
 */
public record Person(
        long id,
        String code,
        String name,
        @Nullable String email,
        long siteId,
        String site,
        long teamId,
        String team,
        EmploymentType employmentType,
        long payGroupId,
        String payGroup,
        @Nullable Long approverId,
        @Nullable String approver,
        LocalDate hired,
        @Nullable LocalDate lastDay) {

    public boolean isEmployedWithin(LocalDate first, LocalDate last) {
        return !hired.isAfter(last) && (lastDay == null || !lastDay.isBefore(first));
    }
}
