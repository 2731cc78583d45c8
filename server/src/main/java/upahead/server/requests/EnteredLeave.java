package upahead.server.requests;

import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.requests.RequestReview.Problem;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.LeaveDay;
import upahead.server.requests.leave.LeaveDayStore;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestStore;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.SignOffs;

/** Leave that an administrator enters for somebody, for days gone by or to come. */
@Service
public class EnteredLeave {

    private final RequestStore store;
    private final RequestReviewer reviewer;
    private final LeaveDayStore leaveDays;
    private final RequestDetails details;
    private final SignOffs signOffs;
    private final Policies policies;
    private final People people;
    private final RequestNews news;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;

    EnteredLeave(
            RequestStore store,
            RequestReviewer reviewer,
            LeaveDayStore leaveDays,
            RequestDetails details,
            SignOffs signOffs,
            Policies policies,
            People people,
            RequestNews news,
            CurrentUser user,
            Audit audit,
            MovableClock clock) {
        this.store = store;
        this.reviewer = reviewer;
        this.leaveDays = leaveDays;
        this.details = details;
        this.signOffs = signOffs;
        this.policies = policies;
        this.people = people;
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
     * Enters leave that counts at once.
     *
     * @param reason why it is entered though a rule speaks against it; empty where none does
     * @throws Refusal if it cannot be, or a rule speaks against it and no reason is given
     */
    @Transactional
    @May(Permission.ENTER_LEAVE)
    public RequestDetail enter(RequestDraft leave, String reason) {
        return enter(leave, RequestState.APPROVED, reason);
    }

    /**
     * Enters leave in a state: approved, waiting for its sign-offs, or declined for the record.
     *
     * @param reason why it is entered though a rule speaks against it; empty where none does
     * @throws Refusal if it cannot be, a rule speaks against it and no reason is given, or it is another state
     */
    @Transactional
    @May(Permission.ENTER_LEAVE)
    public RequestDetail enter(RequestDraft leave, RequestState state, String reason) {
        RequestReviewer.Reviewed reviewed = reviewer.reviewEntry(leave);
        List<Problem> problems = reviewed.review().problems();
        problems.stream().filter(problem -> !problem.passable()).findFirst().ifPresent(problem -> {
            throw Refusal.of(problem.field(), problem.message());
        });
        if (!problems.isEmpty() && reason.isBlank()) {
            throw Refusal.of("reason", problems.get(0).message() + " Please say why it is entered all the same.");
        }
        long id = store.add(leave, List.of(), clock.now());
        leaveDays.add(id, reviewed.days());
        store.addEvent(id, clock.now(), user.get().name(), "ENTERED", problems.isEmpty() ? "" : reason.strip());
        switch (state) {
            case APPROVED -> decide(id, reviewed.days(), Decision.APPROVED, state);
            case DECLINED -> decide(id, reviewed.days(), Decision.DECLINED, state);
            case WAITING -> signOffs.lay(id, people.get(leave.personId()), policies.get(leave.policyId()));
            default -> throw Refusal.of("state", "Leave is entered as approved, waiting or declined.");
        }
        RequestSummary entered = details.get(id);
        if (state == RequestState.APPROVED) {
            news.noteLate(entered, reviewed.days().stream().map(LeaveDay::on).collect(Collectors.toSet()), "entered");
        }
        if (state == RequestState.WAITING) {
            news.tellNextSigner(entered);
        }
        news.tellRequester(entered, reason.strip());
        audit.record(Thing.REQUEST, id, "entered leave", null, leave);
        return details.of(entered);
    }

    private void decide(long id, List<LeaveDay> days, Decision decision, RequestState state) {
        days.forEach(day -> leaveDays.decide(id, day.on(), decision));
        store.move(id, 0, state);
    }
}
