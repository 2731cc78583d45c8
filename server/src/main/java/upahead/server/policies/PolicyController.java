package upahead.server.policies;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.lang.Nullable;
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
import upahead.server.people.Person;
import upahead.server.policies.SampleRehearsal.Rehearsed;
import upahead.server.policies.SampleRehearsal.Sample;

/** Policies. */
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
            @NotNull @Valid TermsDocument terms,
            @Nullable @Size(max = 40) List<@NotBlank @Size(max = 60) String> unseenFigures) {}

    /** From when a draft holds, and for whom. */
    record PutInForce(
            int seenEdits,
            @NotNull(message = "please choose the first day") LocalDate from,
            @NotNull @Valid Coverage coverage,
            @Nullable @Size(max = 150, message = "the reason has at most 150 characters") String reason) {}

    /** Whom a policy would cover from a date on. */
    record CoverageQuestion(@NotNull LocalDate from, @NotNull @Valid Coverage coverage) {}

    /** Other settings, and the state of the policy that they were made on. */
    record SettingsChange(int seenEdits, @NotNull @Valid PolicySettings settings) {}

    /**
     * Other people to cover from a day on.
     *
     * @param ending what becomes of the balances of those who are not covered any more; null where nobody is
     */
    record CoverageChange(
            @NotNull(message = "please choose the first day") LocalDate from,
            @NotNull @Valid Coverage coverage,
            @Nullable @Valid Ending ending) {}

    /** The last day of a policy that is retired, and what becomes of what is left. */
    record Retirement(
            @NotNull(message = "please choose the last day") LocalDate lastDay, @NotNull @Valid Ending ending) {}

    /** The people a policy would cover. */
    record Covered(int people, List<String> names) {}

    private final Policies policies;
    private final Enrolments enrolments;
    private final SampleRehearsal rehearsal;

    PolicyController(Policies policies, Enrolments enrolments, SampleRehearsal rehearsal) {
        this.policies = policies;
        this.enrolments = enrolments;
        this.rehearsal = rehearsal;
    }

    @GetMapping
    List<PolicyDetail> all() {
        return policies.allSeen();
    }

    @GetMapping("/{id}")
    PolicyDetail policy(@PathVariable long id) {
        return policies.seen(id);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PolicyDetail write(@Valid @RequestBody NewPolicy policy) {
        return policies.write(policy);
    }

    @PutMapping("/{id}/settings")
    PolicyDetail change(@PathVariable long id, @Valid @RequestBody SettingsChange change) {
        return policies.change(id, change.seenEdits(), change.settings());
    }

    @PutMapping("/{id}/coverage")
    PolicyDetail cover(@PathVariable long id, @Valid @RequestBody CoverageChange change) {
        return policies.cover(id, change.coverage(), change.from(), change.ending());
    }

    @PostMapping("/{id}/retirement")
    PolicyDetail retire(@PathVariable long id, @Valid @RequestBody Retirement retirement) {
        return policies.retire(id, retirement.lastDay(), retirement.ending());
    }

    @DeleteMapping("/{id}/retirement")
    PolicyDetail bringBack(@PathVariable long id) {
        return policies.bringBack(id);
    }

    /** Who is enrolled in two policies of the same kind. */
    @GetMapping("/doubled")
    List<Doubled> doubled(@RequestParam LocalDate on) {
        return policies.doubled(on);
    }

    @DeleteMapping("/{id}/versions/{versionId}")
    PolicyDetail discard(@PathVariable long id, @PathVariable long versionId, @RequestParam int seenEdits) {
        return policies.discard(id, versionId, seenEdits);
    }

    @PostMapping("/{id}/versions")
    @ResponseStatus(HttpStatus.CREATED)
    PolicyDetail draft(@PathVariable long id, @Valid @RequestBody TermsDocument terms) {
        return policies.draft(id, terms);
    }

    @PutMapping("/{id}/versions/{versionId}")
    PolicyDetail change(@PathVariable long id, @PathVariable long versionId, @Valid @RequestBody DraftChange change) {
        return policies.change(
                id,
                versionId,
                change.seenEdits(),
                change.terms(),
                change.unseenFigures() == null ? List.of() : change.unseenFigures());
    }

    @PostMapping("/{id}/versions/{versionId}/in-force")
    PolicyDetail putInForce(@PathVariable long id, @PathVariable long versionId, @Valid @RequestBody PutInForce start) {
        return policies.putInForce(
                id,
                versionId,
                start.seenEdits(),
                start.from(),
                start.coverage(),
                start.reason() == null ? "" : start.reason());
    }

    @PostMapping("/coverage")
    Covered covered(@Valid @RequestBody CoverageQuestion question) {
        List<String> names = enrolments.covered(question.coverage(), question.from()).stream()
                .map(Person::name)
                .toList();
        return new Covered(names.size(), names);
    }

    @PostMapping("/rehearsal")
    Rehearsed rehearse(@Valid @RequestBody Sample sample) {
        return rehearsal.rehearse(sample);
    }
}
