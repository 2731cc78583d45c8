package upahead.server.cards.terminals;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.cards.punches.OpenPunches;
import upahead.server.cards.punches.OpenPunches.OpenPunch;
import upahead.server.cards.terminals.Terminals.PairingCode;

/** Clock terminals, and what was said at them that found no place. */
@RestController
@RequestMapping("/api")
class TerminalsController {

    /** A terminal to be added. */
    record TerminalForm(
            @NotBlank(message = "please give a name") @Size(max = 80, message = "a name has at most 80 characters")
                    String name,
            long siteId) {}

    /** Whose a punch is. */
    record PunchOwner(long personId) {}

    /** Why a punch does not count. */
    record PunchNote(
            @NotBlank(message = "please say why it does not count")
                    @Size(max = 200, message = "a note has at most 200 characters")
                    String note) {}

    private final Terminals terminals;
    private final OpenPunches punches;

    TerminalsController(Terminals terminals, OpenPunches punches) {
        this.terminals = terminals;
        this.punches = punches;
    }

    @GetMapping("/terminals")
    List<Terminal> all() {
        return terminals.all();
    }

    @PostMapping("/terminals")
    @ResponseStatus(HttpStatus.CREATED)
    PairingCode add(@Valid @RequestBody TerminalForm form) {
        return terminals.add(form.name().strip(), form.siteId());
    }

    /** A new code by which a screen can be paired. */
    @PostMapping("/terminals/{id}/pairing")
    PairingCode offer(@PathVariable long id) {
        return terminals.offer(id);
    }

    @DeleteMapping("/terminals/{id}/pairing")
    List<Terminal> unpair(@PathVariable long id) {
        terminals.unpair(id);
        return terminals.all();
    }

    /** Punches that wait for somebody to look at them. */
    @GetMapping("/punches/open")
    List<OpenPunch> open() {
        return punches.all();
    }

    @PutMapping("/punches/{id}/person")
    List<OpenPunch> assign(@PathVariable long id, @Valid @RequestBody PunchOwner owner) {
        punches.assign(id, owner.personId());
        return punches.all();
    }

    @PutMapping("/punches/{id}/dismissed")
    List<OpenPunch> dismiss(@PathVariable long id, @Valid @RequestBody PunchNote note) {
        punches.dismiss(id, note.note().strip());
        return punches.all();
    }
}
