package upahead.server.requests;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.lang.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.requests.AskableKinds.AskableKind;

/** Leave entered by an administrator, and the kinds of absence there are for somebody. */
@RestController
class EnteredLeaveController {

    /** Leave to be entered, and why where a rule speaks against it. */
    record EntryForm(
            @NotNull @Valid RequestDraft leave,
            @Nullable @Size(max = 300, message = "the reason has at most 300 characters") String reason) {}

    private final EnteredLeave entered;
    private final AskableKinds kinds;

    EnteredLeaveController(EnteredLeave entered, AskableKinds kinds) {
        this.entered = entered;
        this.kinds = kinds;
    }

    @GetMapping("/api/people/{personId}/kinds-of-leave")
    List<AskableKind> kinds(@PathVariable long personId) {
        return kinds.of(personId);
    }

    @PostMapping("/api/entered-leave/preview")
    RequestReview preview(@Valid @RequestBody RequestDraft leave) {
        return entered.preview(leave);
    }

    @PostMapping("/api/entered-leave")
    @ResponseStatus(HttpStatus.CREATED)
    RequestDetail enter(@Valid @RequestBody EntryForm form) {
        return entered.enter(form.leave(), form.reason() == null ? "" : form.reason());
    }
}
