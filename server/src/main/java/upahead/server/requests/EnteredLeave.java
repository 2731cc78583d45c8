package upahead.server.requests;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.requests.RequestReview.Problem;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.LeaveDay;
import upahead.server.requests.leave.LeaveDayStore;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestStore;
import upahead.server.requests.leave.RequestSummary;

/** Leave that an administrator enters for somebody: approved at once, for days gone by or to come. */
@Service
public class EnteredLeave {

    private final RequestStore store;
    private final RequestReviewer reviewer;
    private final LeaveDayStore leaveDays;
    private final RequestDetails details;
    private final RequestNews news;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;

    EnteredLeave(
            RequestStore store,
            RequestReviewer reviewer,
            LeaveDayStore leaveDays,
            RequestDetails details,
            RequestNews news,
            CurrentUser user,
            Audit audit,
            MovableClock clock) {
        this.store = store;
        this.reviewer = reviewer;
        this.leaveDays = leaveDays;
        this.details = details;
        this.news = news;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
    }

    /** What leave would cost and what stands against it. */
    @Transactional(readOnly = true)
    @May(Permission.ENTER_LEAVE)
    public RequestReview preview(RequestDraft leave) {
        return reviewer.reviewEntry(leave).review();
    }

    /**
     * Enters leave.
     *
     * @param reason why it is entered though a rule speaks against it; empty where none does
     * @throws Refusal if it cannot be, or a rule speaks against it and no reason is given
     */
    @Transactional
    @May(Permission.ENTER_LEAVE)
    public RequestDetail enter(RequestDraft leave, String reason) {
        RequestReviewer.Reviewed reviewed = reviewer.reviewEntry(leave);
        List<Problem> problems = reviewed.review().problems();
        problems.stream().filter(problem -> !problem.passable()).findFirst().ifPresent(problem -> {
            throw Refusal.of(problem.field(), problem.message());
        });
        if (!problems.isEmpty() && reason.isBlank()) {
            throw Refusal.of("reason", problems.get(0).message() + " Please say why it is entered all the same.");
        }
        RequestSummary entered = store(leave, reviewed.days(), problems.isEmpty() ? "" : reason.strip());
        return details.of(entered);
    }

    private RequestSummary store(RequestDraft leave, List<LeaveDay> costs, String reason) {
        long id = store.add(leave, List.of(), clock.now());
        leaveDays.add(id, costs);
        Set<LocalDate> days = costs.stream().map(LeaveDay::on).collect(Collectors.toSet());
        days.forEach(day -> leaveDays.decide(id, day, Decision.APPROVED));
        store.move(id, 0, RequestState.APPROVED);
        store.addEvent(id, clock.now(), user.get().name(), "ENTERED", reason);
        RequestSummary entered = details.get(id);
        news.noteLate(entered, days, "entered");
        news.tellRequester(entered, reason);
        audit.record(Thing.REQUEST, id, "entered leave", null, leave);
        return entered;
    }
}
