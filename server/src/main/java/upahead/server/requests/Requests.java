package upahead.server.requests;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.access.CurrentUser;
import upahead.server.access.SignedIn;
import upahead.server.audit.Audit;
import upahead.server.audit.Thing;
import upahead.server.clock.MovableClock;
import upahead.server.json.Page;
import upahead.server.mail.Mailbox;
import upahead.server.people.People;
import upahead.server.people.Reach;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.problems.Refusal;
import upahead.server.words.Words;

/** Asking for leave, and deciding. */
@Service
public class Requests {

    private static final Set<RequestState> CANCELLABLE =
            EnumSet.of(RequestState.APPROVED, RequestState.PARTLY_APPROVED);

    private static final int RECENT = 6;
    private static final int LONGEST_MESSAGE = 1000;

    private final RequestStore store;
    private final RequestReviewer reviewer;
    private final SignOffs signOffs;
    private final DocumentStore documents;
    private final Policies policies;
    private final People people;
    private final Reach reach;
    private final CurrentUser user;
    private final Mailbox mailbox;
    private final Audit audit;
    private final MovableClock clock;
    private final RequestNews news;

    Requests(
            RequestStore store,
            RequestReviewer reviewer,
            SignOffs signOffs,
            DocumentStore documents,
            Policies policies,
            People people,
            Reach reach,
            CurrentUser user,
            Mailbox mailbox,
            Audit audit,
            MovableClock clock,
            RequestNews news) {
        this.store = store;
        this.reviewer = reviewer;
        this.signOffs = signOffs;
        this.documents = documents;
        this.policies = policies;
        this.people = people;
        this.reach = reach;
        this.user = user;
        this.mailbox = mailbox;
        this.audit = audit;
        this.clock = clock;
        this.news = news;
    }

    /** What a request would cost and what stands against it, before it is sent. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#draft.personId())")
    public RequestReview preview(RequestDraft draft) {
        return reviewer.review(draft);
    }

    /**
     * Sends a request to the person's approver.
     *
     * @throws Refusal if something stands against it
     */
    @Transactional
    @PreAuthorize("@reach.person(#draft.personId())")
    public RequestDetail send(RequestDraft draft) {
        store.lockPerson(draft.personId());
        RequestReview review = reviewer.review(draft);
        if (!review.problems().isEmpty()) {
            RequestReview.Problem problem = review.problems().get(0);
            throw Refusal.of(problem.field(), problem.message());
        }
        PolicyDetail policy = policies.get(draft.policyId());
        long id = store.add(draft, review.days(), answers(policy, draft), clock.now());
        documents.attach(id, draft.documents());
        store.addEvent(id, clock.now(), user.get().name(), "SENT", draft.note().strip());
        RequestSummary request = get(id);
        audit.record(Thing.REQUEST, id, "sent a request", null, draft);
        signOffs.lay(id, people.get(draft.personId()), policy);
        tellNextSigner(request);
        return detail(request);
    }

    private static List<Answer> answers(PolicyDetail policy, RequestDraft draft) {
        List<String> questions = policy.rules().questions();
        return IntStream.range(0, questions.size())
                .mapToObj(at ->
                        new Answer(questions.get(at), draft.answers().get(at).strip()))
                .toList();
    }

    /** Requests in some states: for an administrator everybody's, for an approver those of the people assigned. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasAnyRole('ADMINISTRATOR', 'APPROVER')")
    public Page<RequestSummary> queue(Set<RequestState> states, int page, int size) {
        SignedIn signedIn = user.get();
        Long approver = signedIn.isAdministrator() ? null : signedIn.personId();
        Set<RequestState> wanted = states.isEmpty() ? EnumSet.allOf(RequestState.class) : states;
        return new Page<>(store.inStates(wanted, approver, page, size), store.count(wanted, approver));
    }

    /** One's own requests, or those of somebody one reaches. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public List<RequestSummary> ofPerson(long personId) {
        return store.ofPerson(personId, 100);
    }

    /** A request with everything needed to decide it. */
    @Transactional(readOnly = true)
    public RequestDetail open(long id) {
        RequestSummary request = get(id);
        if (!reach.person(request.personId()) && !signOffs.isSigner(request)) {
            throw new AccessDeniedException("out of reach");
        }
        return detail(request);
    }

    /** Waiting requests of a pay group with a day in a period. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<RequestSummary> waitingWithin(long payGroupId, LocalDate first, LocalDate last) {
        return store.waitingWithin(payGroupId, first, last);
    }

    /** Approved leave on some days, of a team or of everybody where that is null. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<RequestSummary> approvedWithin(LocalDate first, LocalDate last, Long teamId) {
        return last.isBefore(first) ? List.of() : store.approvedWithin(first, last, teamId);
    }

    /**
     * Decides a waiting request, day by day. As long as another sign-off is open, the days approved wait on for it; an
     * administrator who is not in turn decides over the top, which stands in the history.
     *
     * @param seenEdits the state of the request that was looked at
     * @param decisions one for each of its days that is not decided yet
     * @throws Refusal if somebody decided it meanwhile, or a day is left undecided
     */
    @Transactional
    public RequestDetail decide(long id, int seenEdits, Map<LocalDate, Decision> decisions, String message) {
        RequestSummary request = get(id);
        if (!signOffs.mayDecide(request)) {
            throw new AccessDeniedException("not in turn");
        }
        requireShort(message);
        store.lockPerson(request.personId());
        List<RequestStore.StoredDay> days = store.days(id);
        Map<LocalDate, Decision> before = days.stream()
                .filter(day -> day.decision() != null)
                .collect(Collectors.toMap(RequestStore.StoredDay::on, RequestStore.StoredDay::decision));
        Set<LocalDate> open = days.stream()
                .map(RequestStore.StoredDay::on)
                .filter(day -> !before.containsKey(day))
                .collect(Collectors.toSet());
        if (!decisions.keySet().equals(open) || decisions.containsValue(Decision.CANCELLED)) {
            if (get(id).edits() != seenEdits) {
                throw Refusal.conflict(decidedAlready(id));
            }
            throw Refusal.of("days", "Please decide every day of the request.");
        }
        boolean inTurn = signOffs.isInTurn(request);
        boolean goesOn = inTurn && !signOffs.isLast(id) && decisions.containsValue(Decision.APPROVED);
        Map<LocalDate, Decision> all = new HashMap<>(before);
        all.putAll(decisions);
        RequestState state = goesOn ? RequestState.WAITING : stateAfter(all);
        if (!store.move(id, seenEdits, state)) {
            throw Refusal.conflict(decidedAlready(id));
        }
        decisions.forEach((day, decision) -> {
            if (!goesOn || decision == Decision.DECLINED) {
                store.decide(id, day, decision);
            }
        });
        if (inTurn) {
            signOffs.sign(id, clock.now());
        }
        store.addEvent(id, clock.now(), user.get().name(), event(state, goesOn, inTurn), message.strip());
        RequestSummary decided = get(id);
        audit.record(Thing.REQUEST, id, goesOn ? "signed a request" : "decided a request", request, decided);
        if (goesOn) {
            tellNextSigner(decided);
            return detail(decided);
        }
        news.noteLate(
                request,
                decisions.entrySet().stream()
                        .filter(each -> each.getValue() == Decision.APPROVED)
                        .map(Map.Entry::getKey)
                        .collect(Collectors.toSet()),
                "approved");
        news.tellRequester(decided, message.strip());
        return detail(decided);
    }

    private static String event(RequestState state, boolean goesOn, boolean inTurn) {
        if (goesOn) {
            return "SIGNED";
        }
        return inTurn ? state.name() : state.name() + "_OVER_THE_TOP";
    }

    /**
     * Takes a waiting request back.
     *
     * @throws Refusal if it does not wait any more
     */
    @Transactional
    public RequestDetail withdraw(long id, int seenEdits) {
        RequestSummary request = get(id);
        if (!isOwn(request)) {
            throw new AccessDeniedException("not one's own");
        }
        if (!store.move(id, seenEdits, RequestState.WITHDRAWN)) {
            throw Refusal.conflict(decidedAlready(id));
        }
        store.addEvent(id, clock.now(), user.get().name(), "WITHDRAWN", "");
        RequestSummary withdrawn = get(id);
        audit.record(Thing.REQUEST, id, "withdrew a request", request, withdrawn);
        return detail(withdrawn);
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
        RequestSummary request = get(id);
        if (!reach.leads(request.personId())) {
            throw new AccessDeniedException("not the approver");
        }
        requireShort(reason);
        if (reason.isBlank()) {
            throw Refusal.of("reason", "Please say why it is cancelled.");
        }
        store.lockPerson(request.personId());
        Set<LocalDate> approved = store.days(id).stream()
                .filter(day -> day.decision() == Decision.APPROVED)
                .map(RequestStore.StoredDay::on)
                .collect(Collectors.toSet());
        if (days.isEmpty() || !approved.containsAll(days)) {
            throw Refusal.of("days", "Please choose days that are approved.");
        }
        RequestState state = approved.size() == days.size() ? RequestState.CANCELLED : RequestState.PARTLY_APPROVED;
        if (!store.cancel(id, seenEdits, state)) {
            throw Refusal.conflict(decidedAlready(id));
        }
        days.forEach(day -> store.decide(id, day, Decision.CANCELLED));
        store.addEvent(id, clock.now(), user.get().name(), RequestState.CANCELLED.name(), reason.strip());
        news.noteLate(request, days, "cancelled");
        RequestSummary cancelled = get(id);
        audit.record(Thing.REQUEST, id, "cancelled days " + sorted(days), request, cancelled);
        news.tellRequester(cancelled, "Cancelled: " + RequestNews.days(days) + ". " + reason.strip());
        return detail(cancelled);
    }

    private static List<LocalDate> sorted(Set<LocalDate> days) {
        return days.stream().sorted().toList();
    }

    private RequestSummary get(long id) {
        return store.find(id).orElseThrow(() -> Refusal.notFound("request"));
    }

    private RequestDetail detail(RequestSummary request) {
        boolean waiting = request.state() == RequestState.WAITING;
        boolean reached = reach.person(request.personId());
        List<RequestSummary> recent = store.ofPerson(request.personId(), Integer.MAX_VALUE).stream()
                .filter(unused -> reached)
                .filter(other -> other.id() != request.id())
                .sorted((one, other) -> other.first().compareTo(one.first()))
                .limit(RECENT)
                .toList();
        return new RequestDetail(
                request,
                reviewer.review(request),
                waiting && signOffs.mayDecide(request),
                waiting && isOwn(request),
                CANCELLABLE.contains(request.state()) && reach.leads(request.personId()),
                waiting && signOffs.isInTurn(request),
                signOffs.of(request.id()),
                store.answers(request.id()),
                documents.of(request.id()),
                store.events(request.id()),
                recent);
    }

    private boolean isOwn(RequestSummary request) {
        return user.get().person().filter(own -> own == request.personId()).isPresent();
    }

    private String decidedAlready(long id) {
        List<RequestDetail.Event> events = store.events(id);
        RequestDetail.Event last = events.get(events.size() - 1);
        return last.actor() + " has decided this request meanwhile: "
                + last.what().toLowerCase(Locale.ROOT).replace('_', ' ')
                + ". Your message was not sent; nothing was changed.";
    }

    private static RequestState stateAfter(Map<LocalDate, Decision> decisions) {
        Set<Decision> kinds = Set.copyOf(decisions.values());
        if (kinds.size() > 1) {
            return RequestState.PARTLY_APPROVED;
        }
        return kinds.contains(Decision.APPROVED) ? RequestState.APPROVED : RequestState.DECLINED;
    }

    private static void requireShort(String message) {
        if (message.length() > LONGEST_MESSAGE) {
            throw Refusal.of("message", "A message has at most " + LONGEST_MESSAGE + " characters.");
        }
    }

    private void tellNextSigner(RequestSummary request) {
        signOffs.nextPerson(request.id())
                .ifPresent(signer -> mailbox.send(
                        signer.id(),
                        signer.email(),
                        request.person() + " asks for " + request.policy() + " from " + Words.weekday(request.first()),
                        request.person() + " asks for " + Words.amount(request.total(), request.unit()) + " of "
                                + request.policy() + ", " + Words.weekday(request.first()) + " to "
                                + Words.weekday(request.last())
                                + (request.note().isEmpty() ? "." : ", with the note: " + request.note())));
    }
}
