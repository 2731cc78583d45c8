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
import upahead.core.policy.EndBalance;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Policy;
import upahead.core.policy.Terms;
import upahead.server.access.CurrentUser;
import upahead.server.audit.Audit;
import upahead.server.changes.LateChange.Subject;
import upahead.server.changes.LateChanges;
import upahead.server.people.Organisation;
import upahead.server.people.PayGroup;
import upahead.server.people.People;
import upahead.server.people.PeopleQuery;
import upahead.server.people.Person;
import upahead.server.problems.Refusal;
import upahead.server.words.Words;

/** Writing policies, putting versions in force and enrolling the people they cover. */
@Service
public class Policies {

    private static final String CHANGED_MEANWHILE =
            "Somebody else changed this policy meanwhile. Your text is still here; reload to see theirs.";

    private final PolicyStore store;
    private final EnrolmentStore enrolments;
    private final People people;
    private final Organisation organisation;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;

    Policies(
            PolicyStore store,
            EnrolmentStore enrolments,
            People people,
            Organisation organisation,
            LateChanges changes,
            Audit audit,
            CurrentUser user) {
        this.store = store;
        this.enrolments = enrolments;
        this.people = people;
        this.organisation = organisation;
        this.changes = changes;
        this.audit = audit;
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

    /** The people who are or were enrolled in a policy. */
    @Transactional(readOnly = true)
    public List<Long> peopleIn(long policyId) {
        return enrolments.peopleIn(policyId);
    }

    @Transactional(readOnly = true)
    public List<Enrolled> enrolled(Collection<Long> personIds) {
        return enrolments.of(personIds);
    }

    /**
     * Ends somebody's enrolment.
     *
     * @param movedTo the policy of the same unit in which the balance goes on, null where it does not
     * @throws Refusal if somebody is not enrolled, the end is before the beginning, or the balance cannot go on there
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void endEnrolment(long personId, long policyId, Enrolment.End end, Long movedTo) {
        Enrolled enrolled = enrolments.of(List.of(personId)).stream()
                .filter(each -> each.policyId() == policyId)
                .findFirst()
                .orElseThrow(() -> Refusal.of("policyId", "This person is not enrolled in this policy."));
        if (end.on().isBefore(enrolled.enrolment().from())) {
            throw Refusal.of(
                    "on",
                    "The enrolment begins on " + Words.day(enrolled.enrolment().from()) + ".");
        }
        PolicyDetail policy = get(policyId);
        if ((end.balance() == EndBalance.MOVE) != (movedTo != null)
                || (movedTo != null && get(movedTo).unit() != policy.unit())) {
            throw Refusal.of("movedTo", "The balance can go on in another policy of the same unit.");
        }
        enrolments.end(personId, policyId, end, movedTo);
        changes.note(
                personId,
                null,
                end.on(),
                "Enrolment in " + policy.name() + " ended on " + Words.day(end.on()),
                Subject.PERSON,
                personId);
        audit.record("enrolment", policyId, "ended the enrolment of person " + personId, enrolled.enrolment(), end);
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
     * @param reason why, needed where the date lies in a period that a run has closed
     * @throws Refusal if a version starts on that date already, or somebody else changed the draft meanwhile
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail putInForce(
            long policyId, long versionId, int seenEdits, LocalDate from, Coverage coverage, String reason) {
        if (reason.isBlank() && changes.isLate(null, from)) {
            throw Refusal.of("reason", "Please say why it holds from a day that pay runs have closed already.");
        }
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
                "policy",
                policyId,
                "put a version in force from " + from,
                null,
                added.size() + " people enrolled. " + reason.strip());
        return get(policyId);
    }

    /** Method and rhythm of earning change only from the first day of a pay period on, for each pay group covered. */
    private void requireChangesAtPeriodStarts(long policyId, LocalDate from) {
        Policy rules = rules(get(policyId));
        for (PayGroup group : organisation.payGroupsOf(enrolments.peopleIn(policyId))) {
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

    /** The people whom a coverage would enrol from a date on. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<Person> covered(Coverage coverage, LocalDate from) {
        return people.search(PeopleQuery.everybody()).stream()
                .filter(person -> isCovered(person, coverage, from))
                .toList();
    }

    /** Whoever is or was enrolled in a policy, and whom a coverage would enrol from a date on. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<Person> concerned(long policyId, Coverage coverage, LocalDate from) {
        Set<Long> enrolled = new HashSet<>(enrolments.peopleIn(policyId));
        return people.search(PeopleQuery.everybody()).stream()
                .filter(person -> enrolled.contains(person.id()) || isCovered(person, coverage, from))
                .toList();
    }

    private static boolean isCovered(Person person, Coverage coverage, LocalDate from) {
        return coverage.covers(person)
                && (person.lastDay() == null || !person.lastDay().isBefore(from));
    }

    private List<Enrolled> newlyCovered(long policyId, Coverage coverage, LocalDate from) {
        Set<Long> already = new HashSet<>(enrolments.peopleIn(policyId));
        return covered(coverage, from).stream()
                .filter(person -> !already.contains(person.id()))
                .map(person ->
                        new Enrolled(person.id(), policyId, Enrolment.from(DateSpan.later(person.hired(), from)), null))
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
