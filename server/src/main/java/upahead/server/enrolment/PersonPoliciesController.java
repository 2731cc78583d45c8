package upahead.server.enrolment;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
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
import upahead.core.policy.EndBalance;
import upahead.core.policy.Enrolment;
import upahead.core.quantity.Unit;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;

/** One person's enrolments and exceptions. */
@RestController
@RequestMapping("/api/people/{personId}")
class PersonPoliciesController {

    /**
     * An enrolment.
     *
     * @param ends its last day, null while it has none
     * @param balance what becomes of what is left, null while it has no end
     * @param movedTo the policy in which it goes on, null where it does not
     */
    record EnrolmentView(
            long policyId,
            String policy,
            PolicyKind kind,
            Unit unit,
            LocalDate from,
            @Nullable LocalDate ends,
            @Nullable EndBalance balance,
            @Nullable String movedTo) {}

    /**
     * Enrolments and exceptions, the newest exceptions last.
     *
     * @param gaps where they are covered twice, or not at all, in sentences
     */
    record OwnPolicies(List<EnrolmentView> enrolments, List<PersonException> exceptions, List<String> gaps) {}

    /**
     * An exception to be made.
     *
     * @param to the last day, null for no end
     */
    record ExceptionForm(
            long policyId,
            @NotNull(message = "please choose the first day") LocalDate from,
            @Nullable LocalDate to,
            @NotNull OwnFigures figures,
            @NotBlank(message = "please say why") @Size(max = 300, message = "the reason has at most 300 characters")
                    String reason) {}

    /** The last day of an exception. */
    record ExceptionEnd(@NotNull(message = "please choose the last day") LocalDate to) {}

    /** The end of an enrolment. */
    record EnrolmentEnd(@NotNull(message = "please choose the last day") LocalDate on, @NotNull @Valid Ending ending) {}

    private final OwnTermsReader reader;
    private final Enrolments enrolments;
    private final Exceptions exceptions;
    private final EnrolmentEnds ends;

    PersonPoliciesController(OwnTermsReader reader, Enrolments enrolments, Exceptions exceptions, EnrolmentEnds ends) {
        this.reader = reader;
        this.enrolments = enrolments;
        this.exceptions = exceptions;
        this.ends = ends;
    }

    @GetMapping("/policies")
    OwnPolicies of(@PathVariable long personId) {
        return reader.of(personId);
    }

    @PostMapping("/exceptions")
    @ResponseStatus(HttpStatus.CREATED)
    OwnPolicies make(@PathVariable long personId, @Valid @RequestBody ExceptionForm form) {
        exceptions.make(personId, form.policyId(), form.from(), form.to(), form.figures(), form.reason());
        return reader.of(personId);
    }

    @PutMapping("/exceptions/{id}/end")
    OwnPolicies end(@PathVariable long personId, @PathVariable long id, @Valid @RequestBody ExceptionEnd end) {
        exceptions.end(personId, id, end.to());
        return reader.of(personId);
    }

    @DeleteMapping("/exceptions/{id}")
    OwnPolicies takeBack(@PathVariable long personId, @PathVariable long id) {
        exceptions.takeBack(personId, id);
        return reader.of(personId);
    }

    @PutMapping("/policies/{policyId}/end")
    OwnPolicies endEnrolment(
            @PathVariable long personId, @PathVariable long policyId, @Valid @RequestBody EnrolmentEnd end) {
        ends.end(personId, policyId, end.on(), end.ending());
        return reader.of(personId);
    }

    @DeleteMapping("/policies/{policyId}/end")
    OwnPolicies takeBackEnd(@PathVariable long personId, @PathVariable long policyId) {
        ends.takeBack(personId, policyId);
        return reader.of(personId);
    }

    /** How an enrolment is shown. */
    static EnrolmentView view(Enrolled enrolled, Map<Long, PolicyDetail> byId) {
        PolicyDetail policy = byId.get(enrolled.policyId());
        return new EnrolmentView(
                policy.id(),
                policy.name(),
                policy.kind(),
                policy.unit(),
                enrolled.enrolment().from(),
                enrolled.enrolment().ends().map(Enrolment.End::on).orElse(null),
                enrolled.enrolment().ends().map(Enrolment.End::balance).orElse(null),
                enrolled.movedTo() == null ? null : byId.get(enrolled.movedTo()).name());
    }
}
