package upahead.server.requests;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
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
import upahead.server.requests.signing.SignOffs;

/** Deciding requests, sign-off by sign-off. */
@Service
public class Deciding {

    private final RequestStore store;
    private final LeaveDayStore leaveDays;
    private final RequestDetails details;
    private final SignOffs signOffs;
    private final StillCovered covered;
    private final People people;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;
    private final RequestNews news;

    Deciding(
            RequestStore store,
            LeaveDayStore leaveDays,
            RequestDetails details,
            SignOffs signOffs,
            StillCovered covered,
            People people,
            CurrentUser user,
            Audit audit,
            MovableClock clock,
            RequestNews news) {
        this.store = store;
        this.leaveDays = leaveDays;
        this.details = details;
        this.signOffs = signOffs;
        this.covered = covered;
        this.people = people;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
        this.news = news;
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
        RequestSummary request = details.get(id);
        if (!signOffs.mayDecide(request.sent())) {
            throw new AccessDeniedException("not in turn");
        }
        RequestDetails.requireShort(message);
        people.lock(request.personId());
        List<LeaveDay> days = leaveDays.of(id);
        Map<LocalDate, Decision> before = days.stream()
                .filter(day -> day.decision() != null)
                .collect(Collectors.toMap(LeaveDay::on, LeaveDay::decision));
        Set<LocalDate> open = days.stream()
                .map(LeaveDay::on)
                .filter(day -> !before.containsKey(day))
                .collect(Collectors.toSet());
        if (!decisions.keySet().equals(open) || decisions.containsValue(Decision.CANCELLED)) {
            if (details.get(id).edits() != seenEdits) {
                throw details.changedMeanwhile(id);
            }
            throw Refusal.of("days", "Please decide every day of the request.");
        }
        covered.require(
                request,
                days.stream()
                        .filter(day -> decisions.get(day.on()) == Decision.APPROVED)
                        .toList());
        boolean inTurn = signOffs.isInTurn(request.sent());
        boolean goesOn = inTurn && !signOffs.isLast(id) && decisions.containsValue(Decision.APPROVED);
        Map<LocalDate, Decision> all = new HashMap<>(before);
        all.putAll(decisions);
        RequestState state = goesOn ? RequestState.WAITING : stateAfter(all);
        if (!store.move(id, seenEdits, state)) {
            throw details.changedMeanwhile(id);
        }
        decisions.forEach((day, decision) -> {
            if (!goesOn || decision == Decision.DECLINED) {
                leaveDays.decide(id, day, decision);
            }
        });
        if (inTurn) {
            signOffs.sign(id, clock.now());
        }
        store.addEvent(id, clock.now(), user.get().name(), event(state, goesOn, inTurn), message.strip());
        RequestSummary decided = details.get(id);
        audit.record(Thing.REQUEST, id, goesOn ? "signed a request" : "decided a request", request, decided);
        if (goesOn) {
            news.tellNextSigner(decided);
            return details.of(decided);
        }
        news.noteLate(
                request,
                decisions.entrySet().stream()
                        .filter(each -> each.getValue() == Decision.APPROVED)
                        .map(Map.Entry::getKey)
                        .collect(Collectors.toSet()),
                "approved");
        news.tellRequester(decided, message.strip());
        news.tellPrograms(HookEvent.REQUEST_DECIDED, decided);
        return details.of(decided);
    }

    private static String event(RequestState state, boolean goesOn, boolean inTurn) {
        if (goesOn) {
            return "SIGNED";
        }
        return inTurn ? state.name() : state.name() + "_OVER_THE_TOP";
    }

    private static RequestState stateAfter(Map<LocalDate, Decision> decisions) {
        Set<Decision> kinds = Set.copyOf(decisions.values());
        if (kinds.size() > 1) {
            return RequestState.PARTLY_APPROVED;
        }
        return kinds.contains(Decision.APPROVED) ? RequestState.APPROVED : RequestState.DECLINED;
    }
}
