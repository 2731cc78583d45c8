package upahead.server.employment;

import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;

/**
 * Somebody to be added.
 *
 * @param week scheduled hours from Monday to Sunday, seven figures
 * @param fte from the hire date on
 * @param clockCode typed at a clock terminal, null for none
 */
public record NewPerson(
        String code,
        String name,
        String email,
        long siteId,
        long teamId,
        EmploymentType employmentType,
        long payGroupId,
        Long approverId,
        LocalDate hired,
        LocalDate lastDay,
        LocalDate serviceFrom,
        List<Amount> week,
        Amount fte,
        String clockCode) {

    /** Somebody without a clock code. */
    public NewPerson(
            String code,
            String name,
            String email,
            long siteId,
            long teamId,
            EmploymentType employmentType,
            long payGroupId,
            Long approverId,
            LocalDate hired,
            LocalDate lastDay,
            LocalDate serviceFrom,
            List<Amount> week,
            Amount fte) {
        this(
                code,
                name,
                email,
                siteId,
                teamId,
                employmentType,
                payGroupId,
                approverId,
                hired,
                lastDay,
                serviceFrom,
                week,
                fte,
                null);
    }

    /** Where they work from the first day on. */
    public Placing placing() {
        return new Placing(siteId, teamId, employmentType, payGroupId, approverId);
    }
}
