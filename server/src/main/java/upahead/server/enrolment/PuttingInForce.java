package upahead.server.enrolment;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.policy.Policy;
import upahead.server.employment.People;
import upahead.server.employment.Whereabouts;
import upahead.server.organisation.PayGroup;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;
import upahead.server.policies.Coverage;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyStates;
import upahead.server.policies.PolicyVersion;
import upahead.server.policies.examples.Examples;

/** Puts drafts in force, and says whom that concerns. */
@Service
public class PuttingInForce {

    private final Policies policies;
    private final PolicyStates states;
    private final Enrolments enrolments;
    private final People people;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;
    private final Enrolling enrolling;
    private final Examples examples;

    PuttingInForce(
            Policies policies,
            PolicyStates states,
            Enrolments enrolments,
            People people,
            LateChanges changes,
            Audit audit,
            CurrentUser user,
            Enrolling enrolling,
            Examples examples) {
        this.policies = policies;
        this.states = states;
        this.enrolments = enrolments;
        this.people = people;
        this.changes = changes;
        this.audit = audit;
        this.user = user;
        this.enrolling = enrolling;
        this.examples = examples;
    }

    /**
     * Puts a draft in force from a date and enrols the people it covers. Whoever is enrolled already stays so.
     *
     * @param reason why, needed where the date lies in a period that a run has closed, or where the text breaks an example
     *     that the policy must keep
     * @throws Refusal if a version starts on that date already, somebody else changed the draft meanwhile, or it has
     *     figures that nobody has looked at
     */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public PolicyDetail putInForce(
            long policyId, long versionId, int seenEdits, LocalDate from, Coverage coverage, String reason) {
        if (reason.isBlank() && changes.isLate(null, from)) {
            throw Refusal.of("reason", "Please say why it holds from a day that pay runs have closed already.");
        }
        PolicyDetail policy = policies.get(policyId);
        PolicyVersion draft = policy.version(versionId);
        requireLookedAt(draft);
        List<String> broken = examples.brokenBy(policyId, draft.terms(), from);
        if (reason.isBlank() && !broken.isEmpty()) {
            throw Refusal.of(
                    "reason",
                    "This text breaks " + Words.count(broken.size(), "example") + " that the policy must keep ("
                            + String.join(", ", broken) + "). Please say why it holds all the same.");
        }
        if (policy.versions().stream().anyMatch(version -> from.equals(version.starts()))) {
            throw Refusal.of("from", "Another version of this policy starts on that day.");
        }
        states.putInForce(versionId, seenEdits, from);
        states.cover(policyId, coverage);
        int added = enrolling.enrolCovered(policyId, coverage, from);
        requireChangesAtPeriodStarts(policyId, from);
        changes.note(
                null,
                policyId,
                from,
                "Version of " + policy.name() + " from " + Words.day(from) + " put in force by "
                        + user.get().name() + (reason.isBlank() ? "" : ": " + reason.strip()),
                Subject.POLICY,
                policyId);
        audit.record(
                Thing.POLICY,
                policyId,
                "put a version in force from " + Words.fullDay(from),
                null,
                added + " people enrolled. "
                        + (broken.isEmpty() ? "" : "Examples broken: " + String.join(", ", broken) + ". ")
                        + reason.strip());
        return policies.get(policyId);
    }

    private static void requireLookedAt(PolicyVersion draft) {
        if (!draft.unseenFigures().isEmpty()) {
            throw Refusal.conflict("These figures came with the starting point and nobody has looked at them yet: "
                    + String.join(", ", draft.unseenFigures()) + ".");
        }
    }

    /** Method and rhythm of earning change only from the first day of a pay period on, for each pay group covered. */
    private void requireChangesAtPeriodStarts(long policyId, LocalDate from) {
        Policy rules = policies.rules(policies.get(policyId));
        for (PayGroup group : people.payGroupsOf(enrolments.peopleIn(policyId))) {
            for (LocalDate day : rules.changesInsidePeriods(group.calendar())) {
                DateSpan period = group.calendar().periodOf(day);
                throw Refusal.of(
                        "from",
                        "How or when is earned can change only from the first day of a pay period on. For "
                                + group.name() + " that is " + Words.day(period.first()) + " or "
                                + Words.day(group.calendar().after(period).first())
                                + (day.equals(from) ? "." : "; the version from " + Words.day(day) + " changes it."));
            }
        }
    }

    /** The ids of whoever is or was enrolled in a policy, and of whom a coverage would enrol from a date on, by name. */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public List<Long> concerned(long policyId, Coverage coverage, LocalDate from) {
        Set<Long> enrolled = new HashSet<>(enrolments.peopleIn(policyId));
        return people.whereabouts(from).stream()
                .filter(person ->
                        enrolled.contains(person.personId()) || CoverageEffects.isCovered(person, coverage, from))
                .map(Whereabouts::personId)
                .toList();
    }
}
