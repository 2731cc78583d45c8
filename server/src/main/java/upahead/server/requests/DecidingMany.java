package upahead.server.requests;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.stereotype.Service;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestState;

/** Deciding many requests alike: what will happen is told beforehand, and each stands or falls by itself. */
@Service
public class DecidingMany {

    private final Requests requests;
    private final Deciding deciding;

    DecidingMany(Requests requests, Deciding deciding) {
        this.requests = requests;
        this.deciding = deciding;
    }

    /**
     * A request as it was looked at.
     *
     * @param seenEdits its state
     */
    public record Chosen(long id, int seenEdits) {}

    /**
     * What becomes, or became, of one of many requests.
     *
     * @param what what the request is about, in few words; empty where it cannot be seen
     * @param seenEdits its state, to be sent with the decision
     * @param hindered why it cannot be decided, null where it can
     * @param cautions what stands against approving it
     */
    public record Prospect(
            long id, String person, String what, int seenEdits, @Nullable String hindered, List<String> cautions) {}

    /** What will happen to some requests when they are decided, and which cannot be. */
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public List<Prospect> prospects(List<Long> ids) {
        List<Prospect> prospects = new ArrayList<>();
        for (long id : ids) {
            prospects.add(of(id, () -> prospect(id)));
        }
        return prospects;
    }

    /**
     * Decides all open days of some requests alike. One that was changed meanwhile, or cannot be decided, stays as it is
     * and says so; the others are decided all the same.
     *
     * @param decision approved or declined
     */
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public List<Prospect> decide(List<Chosen> chosen, Decision decision, String message) {
        if (decision == Decision.CANCELLED) {
            throw Refusal.of("decision", "Please say whether they are approved or declined.");
        }
        List<Prospect> outcomes = new ArrayList<>();
        for (Chosen each : chosen) {
            outcomes.add(of(each.id(), () -> decided(each, decision, message)));
        }
        return outcomes;
    }

    private Prospect prospect(long id) {
        RequestDetail open = requests.open(id);
        return prospect(open, hindrance(open));
    }

    private Prospect decided(Chosen chosen, Decision decision, String message) {
        RequestDetail open = requests.open(chosen.id());
        if (hindrance(open) != null) {
            return prospect(open, hindrance(open));
        }
        Map<LocalDate, Decision> days = open.review().days().stream()
                .filter(day -> day.decision() == null)
                .collect(Collectors.toMap(DayView::on, day -> decision));
        try {
            return prospect(deciding.decide(chosen.id(), chosen.seenEdits(), days, message), null);
        } catch (Refusal refused) {
            return prospect(open, refused.getMessage());
        }
    }

    /** What can be said of a request, also of one that is not there or out of reach. */
    private static Prospect of(long id, Supplier<Prospect> known) {
        try {
            return known.get();
        } catch (Refusal gone) {
            return new Prospect(id, "", "", 0, gone.getMessage(), List.of());
        } catch (AccessDeniedException outOfReach) {
            return new Prospect(id, "", "", 0, "It is not yours to decide.", List.of());
        }
    }

    private static Prospect prospect(RequestDetail detail, String hindered) {
        return new Prospect(
                detail.request().id(),
                detail.request().person(),
                RequestWords.inShort(detail.request()),
                detail.request().edits(),
                hindered,
                detail.review().problems().stream()
                        .map(RequestReview.Problem::message)
                        .toList());
    }

    /** Why one of many cannot be decided along with the others, null where it can. */
    private static String hindrance(RequestDetail detail) {
        if (detail.request().state() != RequestState.WAITING) {
            return "It is " + RequestWords.state(detail.request().state()) + " already.";
        }
        if (detail.inTurn()) {
            return null;
        }
        return "It waits for somebody else" + (detail.mayDecide() ? "; open it to decide over the top." : ".");
    }
}
