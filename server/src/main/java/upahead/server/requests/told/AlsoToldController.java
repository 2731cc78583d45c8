package upahead.server.requests.told;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who is told of a team's absences. */
@RestController
@RequestMapping("/api/told-of-teams")
class AlsoToldController {

    private final AlsoTold told;

    AlsoToldController(AlsoTold told) {
        this.told = told;
    }

    @GetMapping
    List<ToldOfTeam> all() {
        return told.all();
    }

    @PutMapping
    List<ToldOfTeam> set(@Valid @RequestBody ToldOfTeam form) {
        return told.set(form);
    }
}
