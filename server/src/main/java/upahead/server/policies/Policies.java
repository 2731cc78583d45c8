package upahead.server.policies;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.Timeline;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Policy;
import upahead.core.policy.Terms;
import upahead.server.audit.Audit;
import upahead.server.people.People;
import upahead.server.people.PeopleQuery;
import upahead.server.people.Person;
import upahead.server.problems.Refusal;

/** Writing policies, putting versions in force and enrolling the people they cover. */
@Service
public class Policies {

    private static final String CHANGED_MEANWHILE =
            "Somebody else changed this policy meanwhile. Your text is still here; reload to see theirs.";

    private final PolicyStore store;
    private final EnrolmentStore enrolments;
    private final People people;
    private final Audit audit;

    Policies(PolicyStore store, EnrolmentStore enrolments, People people, Audit audit) {
        this.store = store;
        this.enrolments = enrolments;
        this.people = people;
        this.audit = audit;
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
        return store.all().stream()
                .filter(policy -> policy.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("policy"));
    }

    /** The rules of a policy as the computation takes them: all versions that are in force on some day. */
    public Policy rules(PolicyDetail policy) {
        Timeline<Terms> versions = Timeline.empty();
        for (PolicyVersion version : policy.versions()) {
            if (version.state() == VersionState.IN_FORCE) {
                versions = versions.with(version.starts(), version.terms().toTerms());
            }
        }
        return new Policy(policy.unit(), MonthDays.benefitYear(policy.benefitYear()), versions);
    }

    @Transactional(readOnly = true)
    public List<Enrolled> enrolled(Collection<Long> personIds) {
        return enrolments.of(personIds);
    }

    /**
     * Writes a new policy, as a draft.
     *
     * @throws Refusal if its name is taken or its text says something that cannot be
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail write(NewPolicy policy) {
        policy.terms().toTerms();
        MonthDays.benefitYear(policy.benefitYear());
        if (store.nameIsTaken(policy.name())) {
            throw Refusal.of("name", "There is a policy of this name already.");
        }
        long id = store.add(policy);
        store.addDraft(id, policy.terms());
        audit.record("policy", id, "wrote a policy", null, policy);
        return get(id);
    }

    /** Begins a new version of a policy, as a draft. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail draft(long policyId, TermsDocument terms) {
        terms.toTerms();
        get(policyId);
        store.addDraft(policyId, terms);
        audit.record("policy", policyId, "began a draft", null, terms);
        return get(policyId);
    }

    /**
     * Changes a draft.
     *
     * @param seenEdits the state of the draft that the change was made on
     * @throws Refusal if somebody else changed it meanwhile, or the text says something that cannot be
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail change(long policyId, long versionId, int seenEdits, TermsDocument terms) {
        terms.toTerms();
        PolicyVersion before = version(get(policyId), versionId);
        if (!store.change(versionId, seenEdits, terms)) {
            throw Refusal.conflict(CHANGED_MEANWHILE);
        }
        audit.record("policy", policyId, "changed a draft", before.terms(), terms);
        return get(policyId);
    }

    /**
     * Puts a draft in force from a date and enrols the people it covers. Whoever is enrolled already stays so.
     *
     * @throws Refusal if a version starts on that date already, or somebody else changed the draft meanwhile
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail putInForce(long policyId, long versionId, int seenEdits, LocalDate from, Coverage coverage) {
        PolicyDetail policy = get(policyId);
        version(policy, versionId);
        if (policy.versions().stream().anyMatch(version -> from.equals(version.starts()))) {
            throw Refusal.of("from", "Another version of this policy starts on that day.");
        }
        if (!store.putInForce(versionId, seenEdits, from)) {
            throw Refusal.conflict(CHANGED_MEANWHILE);
        }
        List<Enrolled> added = newlyCovered(policyId, coverage, from);
        enrolments.enrol(policyId, added);
        audit.record(
                "policy", policyId, "put a version in force from " + from, null, added.size() + " people enrolled");
        return get(policyId);
    }

    /** The people whom a coverage would enrol from a date on. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<Person> covered(Coverage coverage, LocalDate from) {
        return people.search(PeopleQuery.everybody()).stream()
                .filter(coverage::covers)
                .filter(person -> person.lastDay() == null || !person.lastDay().isBefore(from))
                .toList();
    }

    private List<Enrolled> newlyCovered(long policyId, Coverage coverage, LocalDate from) {
        Set<Long> already = new HashSet<>(enrolments.peopleIn(policyId));
        return covered(coverage, from).stream()
                .filter(person -> !already.contains(person.id()))
                .map(person ->
                        new Enrolled(person.id(), policyId, Enrolment.from(DateSpan.later(person.hired(), from))))
                .toList();
    }

    private static PolicyVersion version(PolicyDetail policy, long versionId) {
        return policy.versions().stream()
                .filter(version -> version.id() == versionId)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("version of this policy"));
    }

    /** All policies by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, PolicyDetail> byId() {
        return store.all().stream().collect(Collectors.toMap(PolicyDetail::id, policy -> policy));
    }
}
