package upahead.server.facts.awards;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.facts.awards.Award.AwardedPerson;

/** Paid hours for extra days. */
@RestController
@RequestMapping("/api/awards")
class AwardController {

    private final Awards awards;

    AwardController(Awards awards) {
        this.awards = awards;
    }

    @GetMapping
    List<Award> all() {
        return awards.all();
    }

    @PostMapping("/preview")
    List<AwardedPerson> preview(@Valid @RequestBody AwardForm form) {
        return awards.preview(form);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    List<Award> give(@Valid @RequestBody AwardForm form) {
        return awards.give(form);
    }

    @DeleteMapping("/{id}")
    List<Award> takeBack(@PathVariable long id) {
        return awards.takeBack(id);
    }
}
