package upahead.server.requests;

import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.employment.Reach;
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
    private final Reach reach;
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
            Reach reach,
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
        this.reach = reach;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
        this.news = news;
    }

    /** What a request would cost and what stands against it, before it is sent. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.actsFor(#draft.personId())")
    public RequestReview preview(RequestDraft draft) {
        return reviewer.review(draft).review();
    }

    /**
     * Sends a request to whoever signs it first.
     *
     * @throws Refusal if something stands against it
     */
    @Transactional
    @PreAuthorize("@reach.actsFor(#draft.personId())")
    public RequestDetail send(RequestDraft draft) {
        people.lock(draft.personId());
        RequestReviewer.Reviewed reviewed = reviewed(draft);
        PolicyDetail policy = policies.get(draft.policyId());
        long id = store.add(draft, answers(policy, draft), clock.now());
        leaveDays.add(id, reviewed.days());
        documents.attach(id, draft.documents());
        store.addEvent(id, clock.now(), user.get().name(), "SENT", draft.note().strip());
        RequestSummary request = details.get(id);
        audit.record(Thing.REQUEST, id, "sent a request", null, draft);
        signOffs.lay(id, people.get(draft.personId()), policy);
        news.tellNextSigner(request);
        return details.of(request, reviewed);
    }

    /**
     * Sends requests of one person for different kinds of leave, all of them or none.
     *
     * @throws Refusal if something stands against one of them, or they are of several people
     */
    @Transactional
    public List<RequestDetail> sendTogether(List<RequestDraft> drafts) {
        long person = drafts.get(0).personId();
        if (drafts.stream().anyMatch(draft -> draft.personId() != person)) {
            throw Refusal.of("personId", "What is sent together is of one person.");
        }
        if (!reach.actsFor(person)) {
            throw new AccessDeniedException("not one's own");
        }
        return drafts.stream().map(this::send).toList();
    }

    /**
     * Changes one's own request while it waits; sign-offs begin anew, and the history keeps what it was.
     *
     * @param seenEdits the state of the request that was looked at
     * @param draft what it becomes; {@code replaces} names the request
     * @throws Refusal if something stands against it, days of it are decided already, or it was changed meanwhile
     */
    @Transactional
    public RequestDetail change(long id, int seenEdits, RequestDraft draft) {
        RequestSummary before = details.get(id);
        if (!details.isOwn(before) || draft.personId() != before.personId() || !Objects.equals(draft.replaces(), id)) {
            throw new AccessDeniedException("not one's own");
        }
        people.lock(before.personId());
        if (leaveDays.of(id).stream().anyMatch(day -> day.decision() != null)) {
            throw Refusal.conflict("Some of its days are decided already. Withdraw it and ask anew for the others.");
        }
        RequestReviewer.Reviewed reviewed = reviewed(draft);
        PolicyDetail policy = policies.get(draft.policyId());
        if (!store.change(id, seenEdits, draft, answers(policy, draft))) {
            throw details.changedMeanwhile(id);
        }
        leaveDays.removeOf(id);
        leaveDays.add(id, reviewed.days());
        documents.attach(id, draft.documents());
        store.addEvent(id, clock.now(), user.get().name(), "CHANGED", "before: " + RequestWords.inShort(before));
        RequestSummary changed = details.get(id);
        audit.record(Thing.REQUEST, id, "changed a request", before, changed);
        signOffs.lay(id, people.get(draft.personId()), policy);
        news.tellNextSigner(changed);
        return details.of(changed, reviewed);
    }

    private RequestReviewer.Reviewed reviewed(RequestDraft draft) {
        RequestReviewer.Reviewed reviewed = reviewer.review(draft);
        for (RequestReview.Problem problem : reviewed.review().problems()) {
            if (!problem.withNote()) {
                throw Refusal.of(problem.field(), problem.message());
            }
            if (draft.note().isBlank()) {
                throw Refusal.of("note", problem.message() + " Please say in the note why you ask all the same.");
            }
        }
        return reviewed;
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
