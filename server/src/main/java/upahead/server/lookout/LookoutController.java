package upahead.server.lookout;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The front page. */
@RestController
@RequestMapping("/api/lookout")
class LookoutController {

    private final Lookout lookout;
    private final FirstSteps firstSteps;

    LookoutController(Lookout lookout, FirstSteps firstSteps) {
        this.lookout = lookout;
        this.firstSteps = firstSteps;
    }

    @GetMapping("/first-steps")
    List<FirstStep> firstSteps() {
        return firstSteps.all();
    }

    @GetMapping
    LookoutView look() {
        return lookout.look();
    }
}
