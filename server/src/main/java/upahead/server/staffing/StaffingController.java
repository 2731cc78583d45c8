package upahead.server.staffing;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.employment.DayTimes;
import upahead.server.employment.EmploymentChanges;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.PersonChanges;
import upahead.server.employment.PersonDetails;
import upahead.server.employment.Placing;
import upahead.server.enrolment.Ending;
import upahead.server.platform.problems.Refusal;
import upahead.server.staffing.Starters.Added;
import upahead.server.staffing.Starters.Alike;

/** Adding people, and changing what holds of them from a day on. */
@RestController
@RequestMapping("/api/people")
class StaffingController {

    /** What becomes of what is left in a policy that ends. */
    record PolicyEnding(long policyId, @NotNull @Valid Ending ending) {}

    /** Where somebody works from a day on. */
    record MoveForm(
            @NotNull(message = "please choose the first day") LocalDate from,
            @NotNull @Valid Placing placing,
            @Nullable List<@Valid PolicyEnding> endings) {
        Map<Long, Ending> chosen() {
            return endings == null
                    ? Map.of()
                    : endings.stream().collect(Collectors.toMap(PolicyEnding::policyId, PolicyEnding::ending));
        }
    }

    /**
     * Full-time equivalent and weekly schedule from a day on.
     *
     * @param fte null to leave it
     * @param week null to leave it
     * @param times of the days of that week, as far as they are said, null for none
     */
    record WorkingTimeForm(
            @NotNull @Valid EmploymentChanges.Newest seen,
            @NotNull(message = "please choose the first day") LocalDate from,
            @Nullable Amount fte,
            @Nullable List<@NotNull(message = "please give the hours of each day") Amount> week,
            @Nullable @Size(max = 7) List<@NotNull @Valid DayTimes> times) {
        WorkingTimeForm {
            times = times == null ? List.of() : times;
        }
    }

    /** Days in which nothing is earned by time and nothing is scheduled. */
    record PauseForm(
            @NotNull(message = "please choose the first day") LocalDate from,
            @NotNull(message = "please choose the last day") LocalDate to,
            @NotBlank(message = "please say why") @Size(max = 200, message = "the reason has at most 200 characters")
                    String reason) {}

    /** Other details, and those that the change was made on. */
    record DetailsChange(@NotNull PersonDetails seen, @NotNull @Valid PersonDetails details) {}

    /** The last day of employment, null to take it back. */
    record LastDayForm(@Nullable LocalDate lastDay) {}

    private final Starters starters;
    private final Moves moves;
    private final EmploymentChanges employments;
    private final People people;
    private final PersonChanges personChanges;
    private final Removals removals;

    StaffingController(
            Starters starters,
            Moves moves,
            EmploymentChanges employments,
            People people,
            PersonChanges personChanges,
            Removals removals) {
        this.starters = starters;
        this.moves = moves;
        this.employments = employments;
        this.people = people;
        this.personChanges = personChanges;
        this.removals = removals;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Added add(@Valid @RequestBody StarterForm form) {
        return starters.add(form.person());
    }

    @GetMapping("/alike")
    List<Alike> alike(
            @RequestParam(defaultValue = "") String name,
            @RequestParam(required = false) String email,
            @RequestParam(required = false) LocalDate hired) {
        return starters.alike(name, email, hired);
    }

    @PutMapping("/{personId}/details")
    Person change(@PathVariable long personId, @Valid @RequestBody DetailsChange change) {
        personChanges.change(personId, change.seen(), change.details());
        return people.get(personId);
    }

    @PostMapping("/{personId}/moves/preview")
    List<EffectView> previewMove(@PathVariable long personId, @Valid @RequestBody MoveForm form) {
        return moves.preview(personId, form.from(), form.placing());
    }

    @PostMapping("/{personId}/moves")
    Person move(@PathVariable long personId, @Valid @RequestBody MoveForm form) {
        moves.make(personId, form.from(), form.placing(), form.chosen());
        return people.get(personId);
    }

    @DeleteMapping("/{personId}/moves/{from}")
    Person takeBackMove(@PathVariable long personId, @PathVariable LocalDate from) {
        moves.takeBack(personId, from);
        return people.get(personId);
    }

    @PutMapping("/{personId}/working-time")
    Person changeWorkingTime(@PathVariable long personId, @Valid @RequestBody WorkingTimeForm form) {
        employments.change(personId, form.seen(), form.from(), form.fte(), form.week(), form.times());
        return people.get(personId);
    }

    @PostMapping("/{personId}/pauses")
    Person pause(@PathVariable long personId, @Valid @RequestBody PauseForm form) {
        DateSpan days = DateSpan.between(form.from(), form.to())
                .orElseThrow(() -> Refusal.of("to", "The last day is before the first."));
        employments.pause(personId, days, form.reason().strip());
        return people.get(personId);
    }

    @DeleteMapping("/{personId}/changes/{what}/{from}")
    Person takeBack(
            @PathVariable long personId, @PathVariable EmploymentChanges.Changing what, @PathVariable LocalDate from) {
        employments.takeBack(personId, what, from);
        return people.get(personId);
    }

    @PutMapping("/{personId}/last-day")
    Person leave(@PathVariable long personId, @Valid @RequestBody LastDayForm form) {
        return starters.leave(personId, form.lastDay());
    }

    /** Takes out somebody who was entered by mistake. */
    @DeleteMapping("/{personId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long personId) {
        removals.person(personId);
    }

    @PostMapping("/{personId}/return")
    @ResponseStatus(HttpStatus.CREATED)
    Added comeBack(@PathVariable long personId, @Valid @RequestBody StarterForm form) {
        return starters.comeBack(personId, form.person());
    }
}
