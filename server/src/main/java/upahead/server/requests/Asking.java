package upahead.server.requests;

import java.util.List;
import java.util.stream.IntStream;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.requests.leave.Answer;
import upahead.server.requests.leave.LeaveDayStore;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestStore;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.SignOffs;

/** Asking for leave, and taking back what was asked for. */
@Service
public class Asking {

    private final RequestStore store;
    private final LeaveDayStore leaveDays;
    private final RequestReviewer reviewer;
    private final RequestDetails details;
    private final SignOffs signOffs;
    private final DocumentStore documents;
    private final Policies policies;
    private final People people;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;
    private final RequestNews news;

    Asking(
            RequestStore store,
            LeaveDayStore leaveDays,
            RequestReviewer reviewer,
            RequestDetails details,
            SignOffs signOffs,
            DocumentStore documents,
            Policies policies,
            People people,
            CurrentUser user,
            Audit audit,
            MovableClock clock,
            RequestNews news) {
        this.store = store;
        this.leaveDays = leaveDays;
        this.reviewer = reviewer;
        this.details = details;
        this.signOffs = signOffs;
        this.documents = documents;
        this.policies = policies;
        this.people = people;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
        this.news = news;
    }

    /** What a request would cost and what stands against it, before it is sent. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#draft.personId())")
    public RequestReview preview(RequestDraft draft) {
        return reviewer.review(draft).review();
    }

    /**
     * Sends a request to the person's approver.
     *
     * @throws Refusal if something stands against it
     */
    @Transactional
    @PreAuthorize("@reach.person(#draft.personId())")
    public RequestDetail send(RequestDraft draft) {
        people.lock(draft.personId());
        RequestReviewer.Reviewed reviewed = reviewer.review(draft);
        RequestReview review = reviewed.review();
        for (RequestReview.Problem problem : review.problems()) {
            if (!problem.withNote()) {
                throw Refusal.of(problem.field(), problem.message());
            }
            if (draft.note().isBlank()) {
                throw Refusal.of("note", problem.message() + " Please say in the note why you ask all the same.");
            }
        }
        PolicyDetail policy = policies.get(draft.policyId());
        long id = store.add(draft, answers(policy, draft), clock.now());
        leaveDays.add(id, reviewed.days());
        documents.attach(id, draft.documents());
        store.addEvent(id, clock.now(), user.get().name(), "SENT", draft.note().strip());
        RequestSummary request = details.get(id);
        audit.record(Thing.REQUEST, id, "sent a request", null, draft);
        signOffs.lay(id, people.get(draft.personId()), policy);
        news.tellNextSigner(request);
        return details.of(request, review);
    }

    private static List<Answer> answers(PolicyDetail policy, RequestDraft draft) {
        List<String> questions = policy.rules().questions();
        return IntStream.range(0, questions.size())
                .mapToObj(at ->
                        new Answer(questions.get(at), draft.answers().get(at).strip()))
                .toList();
    }

    /**
     * Takes a waiting request back.
     *
     * @throws Refusal if it does not wait any more
     */
    @Transactional
    public RequestDetail withdraw(long id, int seenEdits) {
        RequestSummary request = details.get(id);
        if (!details.isOwn(request)) {
            throw new AccessDeniedException("not one's own");
        }
        if (!store.move(id, seenEdits, RequestState.WITHDRAWN)) {
            throw details.changedMeanwhile(id);
        }
        store.addEvent(id, clock.now(), user.get().name(), "WITHDRAWN", "");
        RequestSummary withdrawn = details.get(id);
        audit.record(Thing.REQUEST, id, "withdrew a request", request, withdrawn);
        return details.of(withdrawn);
    }
}
