package upahead.server.requests;

import java.time.LocalDate;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.employment.Reach;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.hooks.HookEvent;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.LeaveDay;
import upahead.server.requests.leave.LeaveDayStore;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestStore;
import upahead.server.requests.leave.RequestSummary;

/** Cancelling leave that was approved, and asking for it. */
@Service
public class Cancelling {

    private final RequestStore store;
    private final LeaveDayStore leaveDays;
    private final RequestDetails details;
    private final People people;
    private final Reach reach;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;
    private final RequestNews news;

    Cancelling(
            RequestStore store,
            LeaveDayStore leaveDays,
            RequestDetails details,
            People people,
            Reach reach,
            CurrentUser user,
            Audit audit,
            MovableClock clock,
            RequestNews news) {
        this.store = store;
        this.leaveDays = leaveDays;
        this.details = details;
        this.people = people;
        this.reach = reach;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
        this.news = news;
    }

    /**
     * Asks for approved days of one's own to be cancelled; whoever decides for the person answers.
     *
     * @param reason why, not blank
     * @throws Refusal if a day is not approved, or the request was changed meanwhile
     */
    @Transactional
    public RequestDetail ask(long id, int seenEdits, Set<LocalDate> days, String reason) {
        RequestSummary request = details.get(id);
        if (!details.isOwn(request)) {
            throw new AccessDeniedException("not one's own");
        }
        requireReason(reason);
        people.lock(request.personId());
        requireApproved(id, days);
        if (!store.touch(id, seenEdits)) {
            throw details.changedMeanwhile(id);
        }
        leaveDays.askToCancel(id, days, true);
        note(id, "CANCELLATION_ASKED", RequestNews.days(days) + ": " + reason.strip());
        RequestSummary asked = details.get(id);
        audit.record(Thing.REQUEST, id, "asked to cancel days", request, asked);
        news.tellLeader(asked, "asks to cancel " + RequestNews.days(days), reason.strip());
        return details.of(asked);
    }

    /**
     * Lets the days stand that somebody asked to be cancelled.
     *
     * @param reason why, not blank
     * @throws Refusal if nothing is asked, or the request was changed meanwhile
     */
    @Transactional
    public RequestDetail refuse(long id, int seenEdits, String reason) {
        RequestSummary request = requireLed(id);
        requireReason(reason);
        people.lock(request.personId());
        if (request.cancelAsked().isEmpty()) {
            throw Refusal.conflict("Nothing is asked to be cancelled any more.");
        }
        if (!store.touch(id, seenEdits)) {
            throw details.changedMeanwhile(id);
        }
        leaveDays.askToCancel(id, request.cancelAsked(), false);
        note(id, "CANCELLATION_REFUSED", reason.strip());
        RequestSummary refused = details.get(id);
        audit.record(Thing.REQUEST, id, "did not cancel days", request, refused);
        news.tellRequester(refused, "Not cancelled: " + reason.strip());
        return details.of(refused);
    }

    /**
     * Cancels approved days of a decided request, also of closed periods.
     *
     * @param days the approved days to be cancelled, at least one
     * @param reason why, not blank
     * @throws Refusal if a day is not approved, no reason is given, or somebody else changed the request meanwhile
     */
    @Transactional
    public RequestDetail cancel(long id, int seenEdits, Set<LocalDate> days, String reason) {
        RequestSummary request = requireLed(id);
        if (reason.isBlank()) {
            throw Refusal.of("reason", "Please say why it is cancelled.");
        }
        requireReason(reason);
        people.lock(request.personId());
        Set<LocalDate> approved = requireApproved(id, days);
        RequestState state = approved.size() == days.size() ? RequestState.CANCELLED : RequestState.PARTLY_APPROVED;
        if (!store.cancel(id, seenEdits, state)) {
            throw details.changedMeanwhile(id);
        }
        days.forEach(day -> leaveDays.decide(id, day, Decision.CANCELLED));
        note(id, RequestState.CANCELLED.name(), reason.strip());
        news.noteLate(request, days, "cancelled");
        RequestSummary cancelled = details.get(id);
        audit.record(
                Thing.REQUEST, id, "cancelled days " + days.stream().sorted().toList(), request, cancelled);
        news.tellRequester(cancelled, "Cancelled: " + RequestNews.days(days) + ". " + reason.strip());
        news.tellPrograms(HookEvent.REQUEST_CANCELLED, cancelled);
        return details.of(cancelled);
    }

    private RequestSummary requireLed(long id) {
        RequestSummary request = details.get(id);
        if (!reach.leads(request.personId())) {
            throw new AccessDeniedException("not the approver");
        }
        return request;
    }

    private static void requireReason(String reason) {
        RequestDetails.requireShort(reason);
        if (reason.isBlank()) {
            throw Refusal.of("reason", "Please say why.");
        }
    }

    /** All approved days, of which those to be cancelled are some. */
    private Set<LocalDate> requireApproved(long id, Set<LocalDate> days) {
        Set<LocalDate> approved = leaveDays.of(id).stream()
                .filter(day -> day.decision() == Decision.APPROVED)
                .map(LeaveDay::on)
                .collect(Collectors.toSet());
        if (days.isEmpty() || !approved.containsAll(days)) {
            throw Refusal.of("days", "Please choose days that are approved.");
        }
        return approved;
    }

    private void note(long id, String what, String message) {
        store.addEvent(id, clock.now(), user.get().name(), what, message);
    }
}
