package upahead.server.policies;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.Timeline;
import upahead.core.policy.Policy;
import upahead.core.policy.Terms;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.Permission;

/** The policies, for other features, and what of them whoever is signed in may see. */
@Service
public class Policies {

    private final PolicyStore store;
    private final CurrentUser user;

    Policies(PolicyStore store, CurrentUser user) {
        this.store = store;
        this.user = user;
    }

    @Transactional(readOnly = true)
    public List<PolicyDetail> all() {
        return store.all();
    }

    /**
     * @throws Refusal if there is no such policy
     */
    @Transactional(readOnly = true)
    public PolicyDetail get(long id) {
        return store.find(id).orElseThrow(() -> Refusal.notFound("policy"));
    }

    /** All policies, for whoever is signed in: drafts and coverage only for administrators. */
    @Transactional(readOnly = true)
    public List<PolicyDetail> allSeen() {
        return all().stream().map(this::seen).toList();
    }

    /**
     * A policy, for whoever is signed in.
     *
     * @throws Refusal if there is no such policy
     */
    @Transactional(readOnly = true)
    public PolicyDetail seen(long id) {
        return seen(get(id));
    }

    private PolicyDetail seen(PolicyDetail policy) {
        return user.get().may(Permission.WRITE_POLICIES) ? policy : policy.published();
    }

    /** The rules of a policy as the computation takes them: all versions that are in force on some day. */
    public Policy rules(PolicyDetail policy) {
        Timeline<Terms> versions = Timeline.empty();
        for (PolicyVersion version : policy.versions()) {
            if (version.state() == VersionState.IN_FORCE) {
                versions = versions.with(version.starts(), PolicyTerms.of(version.terms()));
            }
        }
        return new Policy(policy.unit(), MonthDays.benefitYear(policy.benefitYear()), versions);
    }

    /** All policies by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, PolicyDetail> byId() {
        return store.all().stream().collect(Collectors.toMap(PolicyDetail::id, policy -> policy));
    }

    /** Tells whoever comes second. */
    static Refusal changedMeanwhile() {
        return Refusal.conflict(
                "Somebody else changed this policy meanwhile. Your text is still here; reload to see theirs.");
    }
}
