package upahead.server.requests;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.Policies;
import upahead.server.requests.leave.Answer;
import upahead.server.requests.leave.LeaveDayStore;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestStore;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.SignOffs;

/** Correcting the days of a request that waits, by whoever decides it: the person sees what was changed, and why. */
@Service
public class Correcting {

    private final RequestStore store;
    private final LeaveDayStore leaveDays;
    private final RequestReviewer reviewer;
    private final RulesOfRequests rules;
    private final RequestDetails details;
    private final SignOffs signOffs;
    private final Policies policies;
    private final People people;
    private final RequestNews news;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;

    Correcting(
            RequestStore store,
            LeaveDayStore leaveDays,
            RequestReviewer reviewer,
            RulesOfRequests rules,
            RequestDetails details,
            SignOffs signOffs,
            Policies policies,
            People people,
            RequestNews news,
            CurrentUser user,
            Audit audit,
            MovableClock clock) {
        this.store = store;
        this.leaveDays = leaveDays;
        this.reviewer = reviewer;
        this.rules = rules;
        this.details = details;
        this.signOffs = signOffs;
        this.policies = policies;
        this.people = people;
        this.news = news;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
    }

    /**
     * Corrects the days or hours of a waiting request. Where somebody has signed already, sign-offs begin anew.
     *
     * @param seenEdits the state of the request that was looked at
     * @param days all of them as they are to be, in order of time
     * @param reason why; for the person and for the history
     * @throws Refusal if no reason is given, something stands against the days that no reason can pass, some of them are
     *     decided already, or the request was changed meanwhile
     */
    @Transactional
    public RequestDetail correct(long id, int seenEdits, List<AskedDay> days, String reason) {
        RequestSummary before = details.get(id);
        if (!signOffs.mayDecide(before.sent())) {
            throw new AccessDeniedException("not in turn");
        }
        if (reason.isBlank()) {
            throw Refusal.of("reason", "Please say why its days are corrected.");
        }
        RequestDetails.requireShort(reason);
        people.lock(before.personId());
        if (leaveDays.of(id).stream().anyMatch(day -> day.decision() != null)) {
            throw Refusal.conflict("Some of its days are decided already.");
        }
        List<Answer> answers = store.answers(id);
        RequestDraft draft = new RequestDraft(
                before.personId(),
                before.policyId(),
                days,
                before.note(),
                answers.stream().map(Answer::answer).toList(),
                null,
                id);
        RequestReviewer.Reviewed reviewed = reviewer.reviewEntry(draft);
        // what a reason passes when leave is entered, but for days that the person has asked for otherwise
        Stream.concat(
                        reviewed.review().problems().stream().filter(problem -> !problem.passable()),
                        rules.overlaps(draft).stream())
                .findFirst()
                .ifPresent(problem -> {
                    throw Refusal.of(problem.field(), problem.message());
                });
        if (!store.change(id, seenEdits, draft, answers)) {
            throw details.changedMeanwhile(id);
        }
        leaveDays.removeOf(id);
        leaveDays.add(id, reviewed.days());
        String what = "before: " + RequestWords.inShort(before) + ". " + reason.strip();
        store.addEvent(id, clock.now(), user.get().name(), "CORRECTED", what);
        RequestSummary corrected = details.get(id);
        audit.record(Thing.REQUEST, id, "corrected a request", before, corrected);
        news.tellCorrected(corrected, what);
        if (signOffs.of(id).stream().anyMatch(signOff -> !signOff.isOpen())) {
            signOffs.lay(id, people.get(before.personId()), policies.get(before.policyId()));
            news.tellNextSigner(corrected);
        }
        return details.of(corrected, reviewed);
    }
}
