package upahead.server.requests.team;

import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One's team and one's year. */
@RestController
@RequestMapping("/api")
class TeamController {

    private final MyTeam team;
    private final MyYear year;

    TeamController(MyTeam team, MyYear year) {
        this.team = team;
        this.year = year;
    }

    @GetMapping("/my-team")
    List<TeamMember> team(@RequestParam LocalDate asOf) {
        return team.on(asOf);
    }

    @GetMapping("/people/{personId}/year")
    YearView year(@PathVariable long personId, @RequestParam LocalDate from) {
        return year.of(personId, from);
    }
}
