package upahead.server.requests;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.quantity.Unit;
import upahead.server.enrolment.Enrolled;
import upahead.server.enrolment.Enrolments;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.requests.leave.RequestListStore;
import upahead.server.requests.leave.RequestSummary;

/** The kinds of absence that somebody can ask for, or that an administrator can enter for them. */
@Service
public class AskableKinds {

    private final Enrolments enrolments;
    private final Policies policies;
    private final RequestListStore store;
    private final CurrentUser user;
    private final MovableClock clock;

    AskableKinds(
            Enrolments enrolments, Policies policies, RequestListStore store, CurrentUser user, MovableClock clock) {
        this.enrolments = enrolments;
        this.policies = policies;
        this.store = store;
        this.user = user;
        this.clock = clock;
    }

    /**
     * A policy that somebody can ask under.
     *
     * @param recordedOnly whether it has no balance
     * @param usual whether it is what they asked for last, or the only one
     */
    public record AskableKind(
            long policyId, String policy, PolicyKind kind, Unit unit, boolean recordedOnly, boolean usual) {}

    /** What somebody can ask for, by name; of an administrator, what can be entered for them. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public List<AskableKind> of(long personId) {
        LocalDate today = clock.today();
        Map<Long, PolicyDetail> byId = policies.byId();
        List<PolicyDetail> own = enrolments.of(List.of(personId)).stream()
                .filter(each -> goesOn(each, today))
                .map(each -> byId.get(each.policyId()))
                .filter(policy ->
                        user.get().may(Permission.ENTER_LEAVE) || policy.rules().employeesAsk())
                .sorted(Comparator.comparing(PolicyDetail::name))
                .toList();
        Long last = store.ofPerson(personId, Integer.MAX_VALUE).stream()
                .max(Comparator.comparing(RequestSummary::sentAt))
                .map(RequestSummary::policyId)
                .orElse(null);
        return own.stream()
                .map(policy -> new AskableKind(
                        policy.id(),
                        policy.name(),
                        policy.kind(),
                        policy.unit(),
                        policy.recordedOnly(),
                        own.size() == 1 || (last != null && last == policy.id())))
                .toList();
    }

    private static boolean goesOn(Enrolled enrolled, LocalDate today) {
        return enrolled.enrolment()
                .ends()
                .filter(end -> end.on().isBefore(today))
                .isEmpty();
    }
}
