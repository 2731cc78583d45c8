package upahead.server.policies;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** The sign-off path that holds in general, and the one of a policy. */
@Service
public class SignOffPaths {

    private static final long GENERAL = 0;

    private final GeneralRuleStore store;
    private final People people;
    private final Audit audit;

    SignOffPaths(GeneralRuleStore store, People people, Audit audit) {
        this.store = store;
        this.people = people;
        this.audit = audit;
    }

    /** What holds for every policy without a path of its own: the approver alone, unless something else was set. */
    @Transactional(readOnly = true)
    public List<SignOffStep> general() {
        return store.signOffs().orElse(List.of(SignOffStep.approver()));
    }

    /** The path that requests under some rules take. */
    @Transactional(readOnly = true)
    public List<SignOffStep> of(RequestRules rules) {
        return rules.signOffs() == null ? general() : rules.signOffs();
    }

    /**
     * Sets the general path; requests already sent keep theirs.
     *
     * @throws Refusal if a step does not say who gives it
     */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public List<SignOffStep> setGeneral(List<SignOffStep> path) {
        requireComplete(path);
        List<SignOffStep> before = general();
        store.setSignOffs(path);
        audit.record(Thing.SIGN_OFF_PATH, GENERAL, "changed the general sign-offs", before, path);
        return path;
    }

    /** When those asked are reminded; after three days, and two days before a period ends, unless something else was set. */
    @Transactional(readOnly = true)
    public Reminding reminding() {
        return store.reminding().orElse(Reminding.UNLESS_SAID);
    }

    @Transactional
    @May(Permission.WRITE_POLICIES)
    public Reminding setReminding(Reminding reminding) {
        Reminding before = reminding();
        store.setReminding(reminding);
        audit.record(Thing.SIGN_OFF_PATH, GENERAL, "changed when those asked are reminded", before, reminding);
        return reminding;
    }

    /**
     * @param path null for the general one
     * @throws Refusal if a step does not say who gives it
     */
    void requireComplete(List<SignOffStep> path) {
        if (path == null) {
            return;
        }
        for (SignOffStep step : path) {
            boolean complete =
                    switch (step.by()) {
                        case APPROVER -> true;
                        case ROLE -> step.role() != null;
                        case PERSON -> step.personId() != null && people.get(step.personId()) != null;
                    };
            if (!complete) {
                throw Refusal.of("signOffs", "Please say for each sign-off who gives it.");
            }
        }
        if (path.stream().distinct().count() < path.size()) {
            throw Refusal.of(
                    "signOffs", "Nobody signs the same request twice; each sign-off is given by somebody else.");
        }
    }
}
