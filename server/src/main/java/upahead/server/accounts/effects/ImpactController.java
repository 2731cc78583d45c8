package upahead.server.accounts.effects;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.core.quantity.Unit;
import upahead.server.accounts.effects.ExceptionEffect.DayEffect;
import upahead.server.enrolment.OwnFigures;
import upahead.server.enrolment.SampleRehearsal.AsExample;
import upahead.server.enrolment.SampleRehearsal.Rehearsed;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.Coverage;
import upahead.server.policies.RequestRules;
import upahead.written.WrittenTerms;

/** What a draft would change. */
@RestController
class ImpactController {

    /** The text of a draft, from when it would hold, and for whom. */
    record ImpactQuestion(
            @NotNull @Valid WrittenTerms terms,
            @NotNull(message = "please choose the first day") LocalDate from,
            @NotNull @Valid Coverage coverage) {}

    /**
     * The text of a policy and a person to rehearse it with.
     *
     * @param policyId null for a policy that is not kept yet
     */
    record PersonQuestion(
            long personId,
            @Nullable Long policyId,
            @NotNull Unit unit,
            @NotNull String benefitYear,
            @NotNull @Valid WrittenTerms terms,
            @Nullable @Valid RequestRules rules) {

        RealPerson.Question asked() {
            return new RealPerson.Question(personId, policyId, unit, benefitYear, terms, rules);
        }
    }

    /**
     * An exception that is thought of.
     *
     * @param to the last day, null for no end
     */
    record ExceptionQuestion(
            long policyId,
            @NotNull(message = "please choose the first day") LocalDate from,
            @Nullable LocalDate to,
            @NotNull OwnFigures figures) {}

    private final Impact impact;
    private final RealPerson realPerson;
    private final ExceptionEffect exceptions;

    ImpactController(Impact impact, RealPerson realPerson, ExceptionEffect exceptions) {
        this.impact = impact;
        this.realPerson = realPerson;
        this.exceptions = exceptions;
    }

    @PostMapping("/api/people/{personId}/exceptions/effect")
    List<DayEffect> effect(@PathVariable long personId, @Valid @RequestBody ExceptionQuestion question) {
        return exceptions.of(personId, question.policyId(), question.from(), question.to(), question.figures());
    }

    @PostMapping("/api/policies/rehearsal/person")
    Rehearsed rehearse(@Valid @RequestBody PersonQuestion question) {
        return realPerson.rehearse(question.asked());
    }

    /** The person and what happened to them as an example of a policy. */
    @PostMapping("/api/policies/rehearsal/person/example")
    AsExample example(@Valid @RequestBody PersonQuestion question, @RequestParam String name) {
        if (name.isBlank()) {
            throw Refusal.of("name", "Please give the example a name.");
        }
        return new AsExample(realPerson.example(question.asked(), name.strip()));
    }

    /** What it changes for everybody, as a file: a line for each person and day. */
    @PostMapping(path = "/api/policies/{id}/impact/table.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable long id, @Valid @RequestBody ImpactQuestion question) {
        List<ImpactTableRow> rows = impact.table(id, question.terms(), question.from(), question.coverage());
        return ImpactTableRow.COLUMNS
                .csv("impact-from-" + question.from(), rows)
                .answer();
    }

    @PostMapping("/api/policies/{id}/impact")
    ImpactView of(
            @PathVariable long id,
            @Valid @RequestBody ImpactQuestion question,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "500") @Min(1) @Max(2000) int size) {
        return impact.of(id, question.terms(), question.from(), question.coverage(), page, size);
    }
}
