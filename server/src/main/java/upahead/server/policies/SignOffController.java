package upahead.server.policies;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The general sign-off path. */
@RestController
@RequestMapping("/api/sign-offs")
class SignOffController {

    /** The approvals a request needs, in their order. */
    record PathForm(
            @NotNull @Size(min = 1, max = 5, message = "a request needs 1 to 5 sign-offs")
                    List<@Valid SignOffStep> signOffs) {}

    private final SignOffPaths paths;

    SignOffController(SignOffPaths paths) {
        this.paths = paths;
    }

    @GetMapping
    List<SignOffStep> general() {
        return paths.general();
    }

    @PutMapping
    List<SignOffStep> setGeneral(@Valid @RequestBody PathForm form) {
        return paths.setGeneral(form.signOffs());
    }

    @GetMapping("/reminders")
    Reminding reminding() {
        return paths.reminding();
    }

    @PutMapping("/reminders")
    Reminding setReminding(@Valid @RequestBody Reminding reminding) {
        return paths.setReminding(reminding);
    }
}
