package upahead.server.staffing;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.server.employment.NewPerson;
import upahead.server.employment.PersonDetails;
import upahead.server.employment.Placing;

/**
 * Somebody who begins.
 *
 * @param week scheduled hours from Monday to Sunday, seven figures
 */
record StarterForm(
        @NotNull @Valid PersonDetails details,
        @NotNull @Valid Placing placing,
        @NotNull(message = "please give the hire date") LocalDate hired,
        @Nullable LocalDate lastDay,
        @NotNull List<@NotNull(message = "please give the hours of each day") Amount> week,
        @NotNull(message = "please give the full-time equivalent") Amount fte) {

    NewPerson person() {
        return new NewPerson(
                details.code().strip(),
                details.name().strip(),
                details.email(),
                placing.siteId(),
                placing.teamId(),
                placing.employmentType(),
                placing.payGroupId(),
                placing.approverId(),
                hired,
                lastDay,
                details.serviceFrom(),
                week,
                fte,
                details.clockCode());
    }
}
