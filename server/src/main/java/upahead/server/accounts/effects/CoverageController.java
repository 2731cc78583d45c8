package upahead.server.accounts.effects;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.accounts.effects.CoverageChanges.PersonEffect;
import upahead.server.policies.Coverage;

/** What another coverage does, asked before it is set. */
@RestController
class CoverageController {

    /** Another coverage from a day on. */
    record OtherCoverage(
            @NotNull(message = "please choose the first day") LocalDate from, @NotNull @Valid Coverage coverage) {}

    private final CoverageChanges changes;

    CoverageController(CoverageChanges changes) {
        this.changes = changes;
    }

    @PostMapping("/api/policies/{policyId}/coverage/preview")
    List<PersonEffect> preview(@PathVariable long policyId, @Valid @RequestBody OtherCoverage other) {
        return changes.preview(policyId, other.coverage(), other.from());
    }
}
