package upahead.server.requests;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft.AskedDay;

/** Decisions about requests: made, made for many, handed on, and taken back by cancelling. */
@RestController
@RequestMapping("/api/requests")
class DecisionController {

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

    /** The days of a waiting request as they are to be, why, and the state of the request that was looked at. */
    record CorrectionForm(
            int seenEdits,
            @NotEmpty(message = "please leave at least one day; decline the request otherwise")
                    @Size(max = 120, message = "a request has at most 120 days")
                    List<@Valid AskedDay> days,
            @NotNull String reason) {}

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

    /** Who is to decide instead, why, and the state of the request that was looked at. */
    record HandOnForm(int seenEdits, long to, @NotNull String message) {}

    private static final int MOST_AT_ONCE = 1000;

    private final Deciding deciding;
    private final DecidingMany many;
    private final Cancelling cancelling;
    private final Correcting correcting;
    private final HandingOn handingOn;

    DecisionController(
            Deciding deciding, DecidingMany many, Cancelling cancelling, Correcting correcting, HandingOn handingOn) {
        this.deciding = deciding;
        this.many = many;
        this.cancelling = cancelling;
        this.correcting = correcting;
        this.handingOn = handingOn;
    }

    @PostMapping("/{id}/decision")
    RequestDetail decide(@PathVariable long id, @Valid @RequestBody DecisionForm form) {
        return deciding.decide(id, form.seenEdits(), form.byDay(), form.message());
    }

    @PostMapping("/decisions/prospects")
    List<DecidingMany.Prospect> prospects(@Valid @RequestBody SomeRequests some) {
        return many.prospects(some.ids());
    }

    @PostMapping("/decisions")
    List<DecidingMany.Prospect> decideMany(@Valid @RequestBody DecideManyForm form) {
        return many.decide(form.requests(), form.decision(), form.message());
    }

    @PutMapping("/{id}/days")
    RequestDetail correct(@PathVariable long id, @Valid @RequestBody CorrectionForm form) {
        return correcting.correct(id, form.seenEdits(), form.days(), form.reason());
    }

    @PostMapping("/{id}/cancellation-wish")
    RequestDetail askToCancel(@PathVariable long id, @Valid @RequestBody CancellationForm form) {
        return cancelling.ask(id, form.seenEdits(), form.days(), form.reason());
    }

    @PostMapping("/{id}/cancellation-refusal")
    RequestDetail refuseToCancel(@PathVariable long id, @Valid @RequestBody CancellationRefusal form) {
        return cancelling.refuse(id, form.seenEdits(), form.reason());
    }

    @PostMapping("/{id}/cancellation")
    RequestDetail cancel(@PathVariable long id, @Valid @RequestBody CancellationForm form) {
        return cancelling.cancel(id, form.seenEdits(), form.days(), form.reason());
    }

    @GetMapping("/{id}/receivers")
    List<HandingOn.Receiver> receivers(@PathVariable long id) {
        return handingOn.receivers(id);
    }

    @PostMapping("/{id}/hand-on")
    RequestDetail handOn(@PathVariable long id, @Valid @RequestBody HandOnForm form) {
        return handingOn.handOn(id, form.seenEdits(), form.to(), form.message());
    }
}
