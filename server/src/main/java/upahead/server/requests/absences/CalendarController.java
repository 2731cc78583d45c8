package upahead.server.requests.absences;

import jakarta.validation.Valid;
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

    private final AbsenceCalendar calendar;
    private final TeamNeeds needs;

    CalendarController(AbsenceCalendar calendar, TeamNeeds needs) {
        this.calendar = calendar;
        this.needs = needs;
    }

    @GetMapping("/api/calendar")
    CalendarView look(
            @RequestParam LocalDate from,
            @RequestParam LocalDate through,
            @RequestParam(required = false) Long siteId,
            @RequestParam(required = false) Long policyId) {
        return calendar.look(Question.of(from, through, siteId, policyId));
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
