package upahead.server.requests;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.access.CurrentUser;
import upahead.server.audit.Audit;
import upahead.server.audit.Thing;
import upahead.server.clock.MovableClock;
import upahead.server.problems.Refusal;
import upahead.server.requests.RequestReview.Problem;

/** Leave that an administrator enters for somebody: approved at once, for days gone by or to come. */
@Service
public class EnteredLeave {

    private final RequestStore store;
    private final RequestReviewer reviewer;
    private final Requests requests;
    private final RequestNews news;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;

    EnteredLeave(
            RequestStore store,
            RequestReviewer reviewer,
            Requests requests,
            RequestNews news,
            CurrentUser user,
            Audit audit,
            MovableClock clock) {
        this.store = store;
        this.reviewer = reviewer;
        this.requests = requests;
        this.news = news;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
    }

    /** What leave would cost and what stands against it. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public RequestReview preview(RequestDraft leave) {
        return reviewer.reviewEntry(leave);
    }

    /**
     * Enters leave.
     *
     * @param reason why it is entered though a rule speaks against it; empty where none does
     * @throws Refusal if it cannot be, or a rule speaks against it and no reason is given
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public RequestDetail enter(RequestDraft leave, String reason) {
        RequestReview review = reviewer.reviewEntry(leave);
        List<Problem> problems = review.problems();
        problems.stream().filter(problem -> !problem.passable()).findFirst().ifPresent(problem -> {
            throw Refusal.of(problem.field(), problem.message());
        });
        if (!problems.isEmpty() && reason.isBlank()) {
            throw Refusal.of("reason", problems.get(0).message() + " Please say why it is entered all the same.");
        }
        return requests.open(store(leave, review.days(), problems.isEmpty() ? "" : reason.strip()));
    }

    private long store(RequestDraft leave, List<DayView> costs, String reason) {
        long id = store.add(leave, costs, List.of(), clock.now());
        Set<LocalDate> days = costs.stream().map(DayView::on).collect(Collectors.toSet());
        days.forEach(day -> store.decide(id, day, Decision.APPROVED));
        store.move(id, 0, RequestState.APPROVED);
        store.addEvent(id, clock.now(), user.get().name(), "ENTERED", reason);
        RequestSummary entered = store.find(id).orElseThrow();
        news.noteLate(entered, days, "entered");
        news.tellRequester(entered, reason);
        audit.record(Thing.REQUEST, id, "entered leave", null, leave);
        return id;
    }
}
