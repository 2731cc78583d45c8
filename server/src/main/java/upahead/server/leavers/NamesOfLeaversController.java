package upahead.server.leavers;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
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

/** The names of those who left. */
@RestController
@RequestMapping("/api")
class NamesOfLeaversController {

    /** How many months after the last day; nothing for ever. */
    record NamesRuleForm(@Nullable Integer months) {}

    /** Why a name is kept. */
    record KeptNameForm(
            @NotBlank(message = "please say why") @Size(max = 200, message = "at most 200 characters") String reason) {}

    /** The code of the person whose name is to go. */
    record RemovedNameForm(@NotBlank(message = "please type the code") @Size(max = 20) String code) {}

    /** What becomes of somebody's name, nothing for somebody who has not left. */
    record NameOfLeaverView(@Nullable NameOfLeaver leaver) {}

    private final NamesOfLeavers leavers;

    NamesOfLeaversController(NamesOfLeavers leavers) {
        this.leavers = leavers;
    }

    @GetMapping("/leavers")
    NamesOfLeaversView all() {
        return leavers.all();
    }

    @PutMapping("/leavers")
    NamesOfLeaversView setRule(@Valid @RequestBody NamesRuleForm form) {
        return leavers.setRule(form.months());
    }

    @GetMapping("/people/{personId}/name")
    NameOfLeaverView name(@PathVariable long personId) {
        return new NameOfLeaverView(leavers.of(personId).orElse(null));
    }

    @PutMapping("/people/{personId}/name/kept")
    NameOfLeaverView keep(@PathVariable long personId, @Valid @RequestBody KeptNameForm form) {
        return new NameOfLeaverView(leavers.keep(personId, form.reason()));
    }

    @DeleteMapping("/people/{personId}/name/kept")
    NameOfLeaverView release(@PathVariable long personId) {
        return new NameOfLeaverView(leavers.release(personId));
    }

    /** Removes the name for good. */
    @PostMapping("/people/{personId}/name/removal")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long personId, @Valid @RequestBody RemovedNameForm form) {
        leavers.removeName(personId, form.code());
    }
}
