package upahead.server.requests;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.json.Page;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestQuery;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;

/** Requests for leave: found, opened, asked for and changed. */
@RestController
@RequestMapping("/api")
class RequestController {

    /** What a waiting request becomes, and the state of the request that was looked at. */
    record ChangeForm(int seenEdits, @NotNull @Valid RequestDraft draft) {}

    /** Requests of one person that are sent together. */
    record DraftsForm(
            @NotEmpty(message = "please mark at least one day") @Size(max = 4, message = "at most four at once")
                    List<@Valid RequestDraft> drafts) {}

    /** The state of the request that was looked at. */
    record SeenState(int seenEdits) {}

    private final Requests requests;
    private final Asking asking;

    RequestController(Requests requests, Asking asking) {
        this.requests = requests;
        this.asking = asking;
    }

    @GetMapping("/requests")
    Page<RequestSummary> queue(
            @RequestParam(required = false) Set<RequestState> state,
            @RequestParam(defaultValue = "") String search,
            @RequestParam(required = false) Long teamId,
            @RequestParam(required = false) Long policyId,
            @RequestParam(required = false) LocalDate from,
            @RequestParam(required = false) LocalDate through,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "50") @Min(1) @Max(200) int size) {
        Set<RequestState> states =
                state == null || state.isEmpty() ? EnumSet.allOf(RequestState.class) : EnumSet.copyOf(state);
        return requests.queue(
                new RequestQuery(states, search, teamId, policyId, from, through, null, Set.of(), page, size));
    }

    @GetMapping("/people/{personId}/requests")
    List<RequestSummary> ofPerson(@PathVariable long personId) {
        return requests.ofPerson(personId);
    }

    @GetMapping("/requests/approved")
    List<RequestSummary> approved(
            @RequestParam LocalDate first, @RequestParam LocalDate last, @RequestParam(required = false) Long teamId) {
        return requests.approvedWithin(first, last, teamId);
    }

    @GetMapping("/requests/{id}")
    RequestDetail request(@PathVariable long id) {
        return requests.open(id);
    }

    @PostMapping("/requests/preview")
    RequestReview preview(@Valid @RequestBody RequestDraft draft) {
        return asking.preview(draft);
    }

    @PostMapping("/requests")
    @ResponseStatus(HttpStatus.CREATED)
    RequestDetail send(@Valid @RequestBody RequestDraft draft) {
        return asking.send(draft);
    }

    @PostMapping("/requests/together")
    @ResponseStatus(HttpStatus.CREATED)
    List<RequestDetail> sendTogether(@Valid @RequestBody DraftsForm form) {
        return asking.sendTogether(form.drafts());
    }

    @PostMapping("/requests/{id}/withdrawal")
    RequestDetail withdraw(@PathVariable long id, @Valid @RequestBody SeenState seen) {
        return asking.withdraw(id, seen.seenEdits());
    }

    @PutMapping("/requests/{id}")
    RequestDetail change(@PathVariable long id, @Valid @RequestBody ChangeForm form) {
        return asking.change(id, form.seenEdits(), form.draft());
    }
}
