package upahead.server.staffing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.employment.Person;

/** The hire date of a person, on which enrolments depend. */
@RestController
class HireDateController {

    /** Another hire date. */
    record HireDate(@NotNull(message = "please choose a day") LocalDate hired) {}

    private final HireDates hireDates;

    HireDateController(HireDates hireDates) {
        this.hireDates = hireDates;
    }

    @PutMapping("/api/people/{personId}/hire-date")
    Person move(@PathVariable long personId, @Valid @RequestBody HireDate hireDate) {
        return hireDates.move(personId, hireDate.hired());
    }
}
