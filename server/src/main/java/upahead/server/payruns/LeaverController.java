package upahead.server.payruns;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Leavers, whose accounts are closed before the run of their group. */
@RestController
@RequestMapping("/api")
class LeaverController {

    /** What somebody says to what is unusual; may be left out where nothing is. */
    record ClosingNote(@Nullable @Size(max = 400, message = "the note has at most 400 characters") String note) {}

    private final Leavers leavers;

    LeaverController(Leavers leavers) {
        this.leavers = leavers;
    }

    /** Whoever leaves in the period of a run. */
    @GetMapping("/pay-runs/{id}/leavers")
    List<Leaver> of(@PathVariable long id) {
        return leavers.of(id);
    }

    /** Closes the accounts of one of them. */
    @PostMapping("/pay-runs/{id}/leavers/{personId}/closing")
    PayRun close(@PathVariable long id, @PathVariable long personId, @Valid @RequestBody ClosingNote note) {
        return leavers.close(id, personId, note.note() == null ? "" : note.note());
    }

    /** The runs of leavers in a pay group, the newest first. */
    @GetMapping("/leaver-runs")
    List<PayRun> runs(@RequestParam long payGroupId) {
        return leavers.runs(payGroupId);
    }
}
