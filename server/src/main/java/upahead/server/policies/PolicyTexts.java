package upahead.server.policies;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.earning.NoEarning;
import upahead.core.policy.Terms;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.written.WrittenTerms;

/** What policies say: their texts as drafts, and what of them does not depend on a date. */
@Service
public class PolicyTexts {

    private final Policies policies;
    private final PolicyStore store;
    private final SignOffPaths signOffs;
    private final Audit audit;

    PolicyTexts(Policies policies, PolicyStore store, SignOffPaths signOffs, Audit audit) {
        this.policies = policies;
        this.store = store;
        this.signOffs = signOffs;
        this.audit = audit;
    }

    /**
     * Writes a new policy, as a draft.
     *
     * @throws Refusal if its name is taken or its text says something that cannot be
     */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public PolicyDetail write(NewPolicy policy) {
        Terms terms = PolicyTerms.of(policy.terms());
        if (policy.recordedOnly() && !terms.equals(Terms.earning(new NoEarning()))) {
            throw Refusal.of("terms", "A kind of absence that is only recorded has no balance, and no rules for one.");
        }
        MonthDays.benefitYear(policy.benefitYear());
        signOffs.requireComplete(policy.rules().signOffs());
        policy.rules().requireRate();
        if (store.nameIsTaken(policy.name(), null)) {
            throw Refusal.of("name", "There is a policy of this name already.");
        }
        long id = store.add(policy);
        store.addDraft(id, policy.terms(), policy.unseenFigures());
        audit.record(Thing.POLICY, id, "wrote a policy", null, policy);
        return policies.get(id);
    }

    /** Begins a new version of a policy, as a draft. */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public PolicyDetail draft(long policyId, WrittenTerms terms) {
        PolicyTerms.of(terms);
        policies.get(policyId);
        store.addDraft(policyId, terms, List.of());
        audit.record(Thing.POLICY, policyId, "began a draft", null, terms);
        return policies.get(policyId);
    }

    /**
     * Changes a draft.
     *
     * @param seenEdits the state of the draft that the change was made on
     * @param unseenFigures names of figures that nobody has looked at yet
     * @throws Refusal if somebody else changed it meanwhile, or the text says something that cannot be
     */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public PolicyDetail change(
            long policyId, long versionId, int seenEdits, WrittenTerms terms, List<String> unseenFigures) {
        PolicyTerms.of(terms);
        PolicyVersion before = policies.get(policyId).version(versionId);
        if (!store.change(versionId, seenEdits, terms, unseenFigures)) {
            throw Policies.changedMeanwhile();
        }
        audit.record(Thing.POLICY, policyId, "changed a draft", before.terms(), terms);
        return policies.get(policyId);
    }

    /**
     * Throws a draft away.
     *
     * @throws Refusal if somebody else changed it meanwhile, or it is the only text there is
     */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public PolicyDetail discard(long policyId, long versionId, int seenEdits) {
        PolicyDetail policy = policies.get(policyId);
        PolicyVersion draft = policy.version(versionId);
        if (policy.versions().size() == 1) {
            throw Refusal.conflict("This draft is all there is of the policy. Change it, or leave it as a draft.");
        }
        if (!store.discard(versionId, seenEdits)) {
            throw Policies.changedMeanwhile();
        }
        audit.record(Thing.POLICY, policyId, "threw a draft away", draft.terms(), null);
        return policies.get(policyId);
    }

    /**
     * Changes what of a policy does not depend on a date.
     *
     * @param seenEdits the state of the policy that the change was made on
     * @throws Refusal if the name is taken or somebody else changed it meanwhile
     */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public PolicyDetail change(long policyId, int seenEdits, PolicySettings settings) {
        PolicyDetail before = policies.get(policyId);
        signOffs.requireComplete(settings.rules().signOffs());
        settings.rules().requireRate();
        if (store.nameIsTaken(settings.name(), policyId)) {
            throw Refusal.of("name", "There is a policy of this name already.");
        }
        if (!store.change(policyId, seenEdits, settings)) {
            throw Policies.changedMeanwhile();
        }
        audit.record(Thing.POLICY, policyId, "changed the settings", before.settings(), settings);
        return policies.get(policyId);
    }
}
