package upahead.server.running;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.running.Backups.BackupsView;

/** How the program is, and its backups. */
@RestController
@RequestMapping("/api/running")
class RunningController {

    private final ProgramState state;
    private final Backups backups;

    RunningController(ProgramState state, Backups backups) {
        this.state = state;
        this.backups = backups;
    }

    @GetMapping
    ProgramView program() {
        return state.look();
    }

    @GetMapping("/backups")
    BackupsView backups() {
        return backups.all();
    }

    /** Begins another backup; those listed tell what becomes of it. */
    @PostMapping("/backups")
    @ResponseStatus(HttpStatus.ACCEPTED)
    BackupsView backUp() {
        backups.begin();
        return backups.all();
    }
}
