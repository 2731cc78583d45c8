package upahead.server.facts.hours;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.facts.hours.HolidayHours.PaidHoliday;
import upahead.server.platform.problems.Refusal;

/** The recorded hours of one person. */
@RestController
@RequestMapping("/api/people/{personId}/hours")
class HoursController {

    private static final int MOST_DAYS = 400;

    /** New hours, what they were when they were looked at, and why they change where the period is closed. */
    record HoursChange(
            @NotNull(message = "please choose a day") LocalDate on,
            @NotBlank String kind,
            @NotNull Amount seen,
            @NotNull(message = "please give the hours") Amount hours,
            @Nullable @Size(max = 200, message = "the reason has at most 200 characters") String reason) {}

    private final HoursCorrection hours;

    HoursController(HoursCorrection hours) {
        this.hours = hours;
    }

    @GetMapping
    List<RecordedDay> of(@PathVariable long personId, @RequestParam LocalDate from, @RequestParam LocalDate through) {
        return hours.of(personId, days(from, through));
    }

    private static DateSpan days(LocalDate from, LocalDate through) {
        return DateSpan.between(from, through)
                .filter(span -> span.days() <= MOST_DAYS)
                .orElseThrow(() -> Refusal.of("through", "Please ask for 1 to " + MOST_DAYS + " days."));
    }

    /** The paid holidays within some days, which nobody types. */
    @GetMapping("/holidays")
    List<PaidHoliday> holidays(
            @PathVariable long personId, @RequestParam LocalDate from, @RequestParam LocalDate through) {
        return hours.holidays(personId, days(from, through));
    }

    @PutMapping
    List<RecordedDay> change(@PathVariable long personId, @Valid @RequestBody HoursChange change) {
        return hours.change(personId, change.on(), change.kind(), change.seen(), change.hours(), change.reason());
    }
}
