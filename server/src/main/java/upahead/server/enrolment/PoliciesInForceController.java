package upahead.server.enrolment;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.employment.Person;
import upahead.server.enrolment.SampleRehearsal.AsExample;
import upahead.server.enrolment.SampleRehearsal.Rehearsed;
import upahead.server.enrolment.SampleRehearsal.Sample;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.Coverage;
import upahead.server.policies.PolicyView;

/** Puts policies in force, says and changes whom they cover, and retires them. */
@RestController
@RequestMapping("/api/policies")
class PoliciesInForceController {

    /** From when a draft holds, and for whom. */
    record PutInForce(
            int seenEdits,
            @NotNull(message = "please choose the first day") LocalDate from,
            @NotNull @Valid Coverage coverage,
            @Nullable @Size(max = 150, message = "the reason has at most 150 characters") String reason) {}

    /** Whom a policy would cover from a date on. */
    record CoverageQuestion(@NotNull LocalDate from, @NotNull @Valid Coverage coverage) {}

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

    /**
     * Whom several policies or none cover, or the first of them.
     *
     * @param total how many there are, a person counted for each kind
     */
    record DoubledPeople(int total, List<Doubled> items) {}

    private final PuttingInForce inForce;
    private final Covering covering;
    private final CoverageEffects coverageEffects;
    private final SampleRehearsal rehearsal;

    PoliciesInForceController(
            PuttingInForce inForce, Covering covering, CoverageEffects coverageEffects, SampleRehearsal rehearsal) {
        this.inForce = inForce;
        this.covering = covering;
        this.coverageEffects = coverageEffects;
        this.rehearsal = rehearsal;
    }

    @PutMapping("/{id}/coverage")
    PolicyView cover(@PathVariable long id, @Valid @RequestBody CoverageChange change) {
        return PolicyView.of(covering.cover(id, change.coverage(), change.from(), change.ending()));
    }

    @PostMapping("/{id}/retirement")
    PolicyView retire(@PathVariable long id, @Valid @RequestBody Retirement retirement) {
        return PolicyView.of(covering.retire(id, retirement.lastDay(), retirement.ending()));
    }

    @DeleteMapping("/{id}/retirement")
    PolicyView bringBack(@PathVariable long id) {
        return PolicyView.of(covering.bringBack(id));
    }

    /** Who is enrolled in two policies of the same kind, or in none of a kind that covers others like them. */
    @GetMapping("/doubled")
    DoubledPeople doubled(@RequestParam LocalDate on, @RequestParam(defaultValue = "100") @Min(1) @Max(500) int size) {
        List<Doubled> all = covering.doubled(on);
        return new DoubledPeople(all.size(), all.stream().limit(size).toList());
    }

    @PostMapping("/{id}/versions/{versionId}/in-force")
    PolicyView putInForce(@PathVariable long id, @PathVariable long versionId, @Valid @RequestBody PutInForce start) {
        return PolicyView.of(inForce.putInForce(
                id,
                versionId,
                start.seenEdits(),
                start.from(),
                start.coverage(),
                start.reason() == null ? "" : start.reason()));
    }

    @PostMapping("/coverage")
    Covered covered(@Valid @RequestBody CoverageQuestion question) {
        List<String> names = coverageEffects.covered(question.coverage(), question.from()).stream()
                .map(Person::name)
                .toList();
        return new Covered(names.size(), names);
    }

    @PostMapping("/rehearsal")
    Rehearsed rehearse(@Valid @RequestBody Sample sample) {
        return rehearsal.rehearse(sample);
    }

    /** The sample person as an example of a policy. */
    @PostMapping("/rehearsal/example")
    AsExample example(@Valid @RequestBody Sample sample, @RequestParam String name) {
        if (name.isBlank()) {
            throw Refusal.of("name", "Please give the example a name.");
        }
        return rehearsal.example(sample, name.strip());
    }
}
