package upahead.server.requests.signing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Stand-ins of those who sign. */
@RestController
class StandInController {

    /** Who signs in somebody's place, and when. */
    record StandInForm(long standInId, @NotNull LocalDate first, @NotNull LocalDate last) {}

    private final StandIns standIns;

    StandInController(StandIns standIns) {
        this.standIns = standIns;
    }

    @GetMapping("/api/people/{personId}/stand-ins")
    List<StandIn> of(@PathVariable long personId) {
        return standIns.of(personId);
    }

    @GetMapping("/api/people/{personId}/stand-ins/choices")
    List<StandIns.Choice> choices(@PathVariable long personId) {
        return standIns.choices(personId);
    }

    @PostMapping("/api/people/{personId}/stand-ins")
    List<StandIn> name(@PathVariable long personId, @Valid @RequestBody StandInForm form) {
        return standIns.name(personId, form.standInId(), form.first(), form.last());
    }

    @DeleteMapping("/api/people/{personId}/stand-ins/{id}")
    List<StandIn> remove(@PathVariable long personId, @PathVariable long id) {
        return standIns.remove(personId, id);
    }
}
