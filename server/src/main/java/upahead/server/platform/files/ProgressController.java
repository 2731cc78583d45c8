package upahead.server.platform.files;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** How far long work has come. */
@RestController
class ProgressController {

    private final Progress progress;

    ProgressController(Progress progress) {
        this.progress = progress;
    }

    @GetMapping("/api/progress/{token}")
    Progress.Step at(@PathVariable String token) {
        return progress.at(token);
    }
}
