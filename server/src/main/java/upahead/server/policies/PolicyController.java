package upahead.server.policies;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.written.WrittenTerms;

/** Policies and their texts. */
@RestController
@RequestMapping("/api/policies")
class PolicyController {

    /**
     * New text of a draft, and the state of the draft that it was made on.
     *
     * @param unseenFigures names of figures that nobody has looked at yet; null for none
     */
    record DraftChange(
            int seenEdits,
            @NotNull @Valid WrittenTerms terms,
            @Nullable @Size(max = 40) List<@NotBlank @Size(max = 60) String> unseenFigures) {}

    /** Other settings, and the state of the policy that they were made on. */
    record SettingsChange(int seenEdits, @NotNull @Valid PolicySettings settings) {}

    private final Policies policies;
    private final PolicyTexts texts;

    PolicyController(Policies policies, PolicyTexts texts) {
        this.policies = policies;
        this.texts = texts;
    }

    @GetMapping
    List<PolicyView> all() {
        return policies.allSeen().stream().map(PolicyView::of).toList();
    }

    @GetMapping("/{id}")
    PolicyView policy(@PathVariable long id) {
        return PolicyView.of(policies.seen(id));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PolicyView write(@Valid @RequestBody NewPolicy policy) {
        return PolicyView.of(texts.write(policy));
    }

    @PutMapping("/{id}/settings")
    PolicyView change(@PathVariable long id, @Valid @RequestBody SettingsChange change) {
        return PolicyView.of(texts.change(id, change.seenEdits(), change.settings()));
    }

    @DeleteMapping("/{id}/versions/{versionId}")
    PolicyView discard(@PathVariable long id, @PathVariable long versionId, @RequestParam int seenEdits) {
        return PolicyView.of(texts.discard(id, versionId, seenEdits));
    }

    @PostMapping("/{id}/versions")
    @ResponseStatus(HttpStatus.CREATED)
    PolicyView draft(@PathVariable long id, @Valid @RequestBody WrittenTerms terms) {
        return PolicyView.of(texts.draft(id, terms));
    }

    @PutMapping("/{id}/versions/{versionId}")
    PolicyView change(@PathVariable long id, @PathVariable long versionId, @Valid @RequestBody DraftChange change) {
        return PolicyView.of(texts.change(
                id,
                versionId,
                change.seenEdits(),
                change.terms(),
                change.unseenFigures() == null ? List.of() : change.unseenFigures()));
    }
}
