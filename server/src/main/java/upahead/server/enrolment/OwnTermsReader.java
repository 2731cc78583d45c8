package upahead.server.enrolment;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.enrolment.PersonPoliciesController.EnrolmentView;
import upahead.server.enrolment.PersonPoliciesController.OwnPolicies;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Reads what one person is enrolled in, and on which terms of their own. */
@Service
class OwnTermsReader {

    private final Policies policies;
    private final Covering covering;
    private final Enrolments enrolments;
    private final Exceptions exceptions;
    private final CurrentUser user;
    private final MovableClock clock;

    OwnTermsReader(
            Policies policies,
            Covering covering,
            Enrolments enrolments,
            Exceptions exceptions,
            CurrentUser user,
            MovableClock clock) {
        this.policies = policies;
        this.covering = covering;
        this.enrolments = enrolments;
        this.exceptions = exceptions;
        this.user = user;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public OwnPolicies of(long personId) {
        Map<Long, PolicyDetail> byId = policies.byId();
        return new OwnPolicies(
                enrolments.of(List.of(personId)).stream()
                        .map(each -> PersonPoliciesController.view(each, byId))
                        .sorted(Comparator.comparing(EnrolmentView::policy))
                        .toList(),
                exceptions.of(List.of(personId)),
                user.get().may(Permission.KEEP_PEOPLE) ? gaps(personId) : List.of());
    }

    private List<String> gaps(long personId) {
        return covering.doubled(List.of(personId), clock.today()).stream()
                .map(Doubled::sentence)
                .toList();
    }
}
