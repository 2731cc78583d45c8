package upahead.server.staffing;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Removing sites, teams and pay groups on which nothing hangs. */
@RestController
@RequestMapping("/api/organisation")
class RemovalController {

    private final Removals removals;

    RemovalController(Removals removals) {
        this.removals = removals;
    }

    @DeleteMapping("/sites/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void site(@PathVariable long id) {
        removals.site(id);
    }

    @DeleteMapping("/teams/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void team(@PathVariable long id) {
        removals.team(id);
    }

    @DeleteMapping("/pay-groups/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void payGroup(@PathVariable long id) {
        removals.payGroup(id);
    }
}
