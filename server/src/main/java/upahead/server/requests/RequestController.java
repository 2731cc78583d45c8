package upahead.server.requests;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
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
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestQuery;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;

/** Requests for leave. */
@RestController
@RequestMapping("/api")
class RequestController {

    /** A decision about one day. */
    record DayDecision(@NotNull LocalDate on, @NotNull Decision decision) {}

    /** Decisions about all days of a request, and the state of the request that was looked at. */
    record DecisionForm(int seenEdits, @NotEmpty List<@Valid DayDecision> days, @NotNull String message) {
        Map<LocalDate, Decision> byDay() {
            return days.stream().collect(Collectors.toMap(DayDecision::on, DayDecision::decision, (one, other) -> {
                throw Refusal.of("days", "Each day can be decided once.");
            }));
        }
    }

    /** Requests about which something is asked. */
    record SomeRequests(@NotEmpty @Size(max = MOST_AT_ONCE) List<@NotNull Long> ids) {}

    /** Requests to be decided alike. */
    record DecideManyForm(
            @NotEmpty @Size(max = MOST_AT_ONCE) List<DecidingMany.@NotNull Chosen> requests,
            @NotNull Decision decision,
            @NotNull String message) {}

    /** Approved days to be cancelled, why, and the state of the request that was looked at. */
    record CancellationForm(
            int seenEdits,
            @NotEmpty(message = "please choose at least one day") Set<LocalDate> days,
            @NotBlank(message = "please say why") String reason) {}

    /** Why nothing is cancelled, and the state of the request that was looked at. */
    record CancellationRefusal(int seenEdits, @NotBlank(message = "please say why") String reason) {}

    /** What a waiting request becomes, and the state of the request that was looked at. */
    record ChangeForm(int seenEdits, @NotNull @Valid RequestDraft draft) {}

    /** Who is to decide instead, why, and the state of the request that was looked at. */
    record HandOnForm(int seenEdits, long to, @NotNull String message) {}

    /** Requests of one person that are sent together. */
    record DraftsForm(
            @NotEmpty(message = "please mark at least one day") @Size(max = 4, message = "at most four at once")
                    List<@Valid RequestDraft> drafts) {}

    /** The state of the request that was looked at. */
    record SeenState(int seenEdits) {}

    private static final int MOST_AT_ONCE = 1000;

    private final Requests requests;
    private final Asking asking;
    private final Deciding deciding;
    private final DecidingMany many;
    private final Cancelling cancelling;
    private final HandingOn handingOn;

    RequestController(
            Requests requests,
            Asking asking,
            Deciding deciding,
            DecidingMany many,
            Cancelling cancelling,
            HandingOn handingOn) {
        this.requests = requests;
        this.asking = asking;
        this.deciding = deciding;
        this.many = many;
        this.cancelling = cancelling;
        this.handingOn = handingOn;
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

    @PostMapping("/requests/{id}/decision")
    RequestDetail decide(@PathVariable long id, @Valid @RequestBody DecisionForm form) {
        return deciding.decide(id, form.seenEdits(), form.byDay(), form.message());
    }

    @PostMapping("/requests/decisions/prospects")
    List<DecidingMany.Prospect> prospects(@Valid @RequestBody SomeRequests some) {
        return many.prospects(some.ids());
    }

    @PostMapping("/requests/decisions")
    List<DecidingMany.Prospect> decideMany(@Valid @RequestBody DecideManyForm form) {
        return many.decide(form.requests(), form.decision(), form.message());
    }

    @PostMapping("/requests/{id}/withdrawal")
    RequestDetail withdraw(@PathVariable long id, @Valid @RequestBody SeenState seen) {
        return asking.withdraw(id, seen.seenEdits());
    }

    @PutMapping("/requests/{id}")
    RequestDetail change(@PathVariable long id, @Valid @RequestBody ChangeForm form) {
        return asking.change(id, form.seenEdits(), form.draft());
    }

    @PostMapping("/requests/{id}/cancellation-wish")
    RequestDetail askToCancel(@PathVariable long id, @Valid @RequestBody CancellationForm form) {
        return cancelling.ask(id, form.seenEdits(), form.days(), form.reason());
    }

    @PostMapping("/requests/{id}/cancellation-refusal")
    RequestDetail refuseToCancel(@PathVariable long id, @Valid @RequestBody CancellationRefusal form) {
        return cancelling.refuse(id, form.seenEdits(), form.reason());
    }

    @PostMapping("/requests/{id}/cancellation")
    RequestDetail cancel(@PathVariable long id, @Valid @RequestBody CancellationForm form) {
        return cancelling.cancel(id, form.seenEdits(), form.days(), form.reason());
    }

    @GetMapping("/requests/{id}/receivers")
    List<HandingOn.Receiver> receivers(@PathVariable long id) {
        return handingOn.receivers(id);
    }

    @PostMapping("/requests/{id}/hand-on")
    RequestDetail handOn(@PathVariable long id, @Valid @RequestBody HandOnForm form) {
        return handingOn.handOn(id, form.seenEdits(), form.to(), form.message());
    }
}
