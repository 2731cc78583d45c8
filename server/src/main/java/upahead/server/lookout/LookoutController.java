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

    LookoutController(Lookout lookout) {
        this.lookout = lookout;
    }

    @GetMapping
    List<LookoutItem> items() {
        return lookout.items();
    }
}
