package upahead.server.people;

import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;

/**
 * Somebody to be added.
 *
 * @param week scheduled hours from Monday to Sunday, seven figures
 * @param fte from the hire date on
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
        Amount fte) {}
