package upahead.server.payruns.inbox;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.payruns.inbox.Inbox.InboxPage;

/** The stand-in for payroll. */
@RestController
@RequestMapping("/api/payroll-inbox")
class InboxController {

    /** How it behaves, and which codes it does not know. */
    record BehaviourForm(
            @NotNull(message = "please say how it behaves") Behaviour behaviour,
            @NotNull @Size(max = 50, message = "at most 50 codes can be unknown")
                    List<
                                    @NotBlank(message = "a code needs a sign at least")
                                    @Size(max = 20, message = "a code has at most 20 signs") String>
                            unknownCodes) {}

    private final Inbox inbox;

    InboxController(Inbox inbox) {
        this.inbox = inbox;
    }

    @GetMapping
    InboxPage rows(
            @RequestParam(defaultValue = "") String search,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "50") @Min(1) @Max(200) int size) {
        return inbox.rows(search, page, size);
    }

    @PutMapping("/behaviour")
    void behave(@Valid @RequestBody BehaviourForm form) {
        inbox.behave(form.behaviour(), form.unknownCodes());
    }
}
