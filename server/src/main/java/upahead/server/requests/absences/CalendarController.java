package upahead.server.requests.absences;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.requests.absences.AbsenceCalendar.Question;

/** The shared calendar, and how many of each team are needed. */
@RestController
class CalendarController {

    private static final int MOST_TEAMS = 500;

    private final AbsenceCalendar calendar;
    private final TeamNeeds needs;

    CalendarController(AbsenceCalendar calendar, TeamNeeds needs) {
        this.calendar = calendar;
        this.needs = needs;
    }

    /** Whose bands are seen, some teams at a time. */
    @GetMapping("/api/calendar")
    CalendarView look(
            @RequestParam LocalDate from,
            @RequestParam LocalDate through,
            @RequestParam(required = false) Long siteId,
            @RequestParam(required = false) Long policyId,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "30") @Min(1) @Max(MOST_TEAMS) int size) {
        return calendar.look(Question.of(from, through, siteId, policyId), page, size);
    }

    @GetMapping("/api/calendar/teams/{teamId}")
    TeamPeople open(
            @PathVariable long teamId,
            @RequestParam LocalDate from,
            @RequestParam LocalDate through,
            @RequestParam(required = false) Long siteId,
            @RequestParam(required = false) Long policyId) {
        return calendar.open(teamId, Question.of(from, through, siteId, policyId));
    }

    @GetMapping("/api/team-needs")
    List<TeamNeed> needs() {
        return needs.all();
    }

    @PutMapping("/api/team-needs")
    List<TeamNeed> set(@Valid @RequestBody TeamNeed need) {
        return needs.set(need);
    }
}
