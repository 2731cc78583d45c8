package upahead.server.policies;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.access.CurrentUser;
import upahead.server.clock.MovableClock;
import upahead.server.policies.PersonPoliciesController.EnrolmentView;
import upahead.server.policies.PersonPoliciesController.OwnPolicies;

/** Reads what one person is enrolled in, and on which terms of their own. */
@Service
class OwnTermsReader {

    private final Policies policies;
    private final Enrolments enrolments;
    private final Exceptions exceptions;
    private final CurrentUser user;
    private final MovableClock clock;

    OwnTermsReader(
            Policies policies, Enrolments enrolments, Exceptions exceptions, CurrentUser user, MovableClock clock) {
        this.policies = policies;
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
                user.get().isAdministrator() ? gaps(personId) : List.of());
    }

    private List<String> gaps(long personId) {
        return policies.doubled(List.of(personId), clock.today()).stream()
                .map(Doubled::sentence)
                .toList();
    }
}
