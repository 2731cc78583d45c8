package upahead.server.policies;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.Timeline;
import upahead.core.earning.NoEarning;
import upahead.core.policy.Policy;
import upahead.core.policy.Terms;
import upahead.server.access.CurrentUser;
import upahead.server.audit.Audit;
import upahead.server.audit.Thing;
import upahead.server.changes.LateChange.Subject;
import upahead.server.changes.LateChanges;
import upahead.server.people.Organisation;
import upahead.server.people.PayGroup;
import upahead.server.people.People;
import upahead.server.people.PeopleQuery;
import upahead.server.people.Person;
import upahead.server.people.Whereabouts;
import upahead.server.problems.Refusal;
import upahead.server.words.Words;

/** Writing policies, putting versions in force and enrolling the people they cover. */
@Service
public class Policies {

    private static final String CHANGED_MEANWHILE =
            "Somebody else changed this policy meanwhile. Your text is still here; reload to see theirs.";

    private final PolicyStore store;
    private final Enrolments enrolments;
    private final SignOffPaths signOffs;
    private final People people;
    private final Organisation organisation;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;

    Policies(
            PolicyStore store,
            Enrolments enrolments,
            SignOffPaths signOffs,
            People people,
            Organisation organisation,
            LateChanges changes,
            Audit audit,
            CurrentUser user) {
        this.store = store;
        this.enrolments = enrolments;
        this.signOffs = signOffs;
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
        return user.get().isAdministrator() ? policy : policy.published();
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

    /**
     * Writes a new policy, as a draft.
     *
     * @throws Refusal if its name is taken or its text says something that cannot be
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail write(NewPolicy policy) {
        Terms terms = policy.terms().toTerms();
        if (policy.recordedOnly() && !terms.equals(Terms.earning(new NoEarning()))) {
            throw Refusal.of("terms", "A kind of absence that is only recorded has no balance, and no rules for one.");
        }
        MonthDays.benefitYear(policy.benefitYear());
        signOffs.requireComplete(policy.rules().signOffs());
        if (store.nameIsTaken(policy.name(), null)) {
            throw Refusal.of("name", "There is a policy of this name already.");
        }
        long id = store.add(policy);
        store.addDraft(id, policy.terms(), policy.unseenFigures());
        audit.record(Thing.POLICY, id, "wrote a policy", null, policy);
        return get(id);
    }

    /** Begins a new version of a policy, as a draft. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail draft(long policyId, TermsDocument terms) {
        terms.toTerms();
        get(policyId);
        store.addDraft(policyId, terms, List.of());
        audit.record(Thing.POLICY, policyId, "began a draft", null, terms);
        return get(policyId);
    }

    /**
     * Changes a draft.
     *
     * @param seenEdits the state of the draft that the change was made on
     * @param unseenFigures names of figures that nobody has looked at yet
     * @throws Refusal if somebody else changed it meanwhile, or the text says something that cannot be
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail change(
            long policyId, long versionId, int seenEdits, TermsDocument terms, List<String> unseenFigures) {
        terms.toTerms();
        PolicyVersion before = version(get(policyId), versionId);
        if (!store.change(versionId, seenEdits, terms, unseenFigures)) {
            throw Refusal.conflict(CHANGED_MEANWHILE);
        }
        audit.record(Thing.POLICY, policyId, "changed a draft", before.terms(), terms);
        return get(policyId);
    }

    /**
     * Throws a draft away.
     *
     * @throws Refusal if somebody else changed it meanwhile, or it is the only text there is
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail discard(long policyId, long versionId, int seenEdits) {
        PolicyDetail policy = get(policyId);
        PolicyVersion draft = version(policy, versionId);
        if (policy.versions().size() == 1) {
            throw Refusal.conflict("This draft is all there is of the policy. Change it, or leave it as a draft.");
        }
        if (!store.discard(versionId, seenEdits)) {
            throw Refusal.conflict(CHANGED_MEANWHILE);
        }
        audit.record(Thing.POLICY, policyId, "threw a draft away", draft.terms(), null);
        return get(policyId);
    }

    /**
     * Changes what of a policy does not depend on a date.
     *
     * @param seenEdits the state of the policy that the change was made on
     * @throws Refusal if the name is taken or somebody else changed it meanwhile
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail change(long policyId, int seenEdits, PolicySettings settings) {
        PolicyDetail before = get(policyId);
        signOffs.requireComplete(settings.rules().signOffs());
        if (store.nameIsTaken(settings.name(), policyId)) {
            throw Refusal.of("name", "There is a policy of this name already.");
        }
        if (!store.change(policyId, seenEdits, settings)) {
            throw Refusal.conflict(CHANGED_MEANWHILE);
        }
        audit.record(Thing.POLICY, policyId, "changed the settings", before.settings(), settings);
        return get(policyId);
    }

    /**
     * Lets other people be covered from a day on.
     *
     * @param ending what becomes of the balances of those who are not covered any more; null where nobody is
     * @throws Refusal if somebody's enrolment ends and what becomes of the balance is not said, or the policy is retired
     *     or was never in force
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail cover(long policyId, Coverage coverage, LocalDate from, Ending ending) {
        PolicyDetail before = get(policyId);
        if (before.retired() != null || before.begins().isEmpty()) {
            throw Refusal.conflict("Only a policy in force covers people.");
        }
        List<CoverageEffect> effects = enrolments.effects(before, coverage, from);
        store.setCoverage(policyId, coverage);
        enrolments.apply(effects, effect -> Optional.ofNullable(ending));
        audit.record(
                Thing.POLICY,
                policyId,
                "changed who is covered from " + Words.fullDay(from),
                before.coverage(),
                coverage);
        return get(policyId);
    }

    /**
     * Retires a policy: every enrolment ends on a day and nobody is enrolled any more. Nothing of the past is lost.
     *
     * @throws Refusal if it is retired already
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail retire(long policyId, LocalDate lastDay, Ending ending) {
        PolicyDetail policy = get(policyId);
        if (policy.retired() != null) {
            throw Refusal.conflict("This policy is retired already.");
        }
        List<CoverageEffect> ends = enrolments.inPolicy(policyId).stream()
                .filter(Enrolled::isOpen)
                .map(enrolled -> CoverageEffect.of(
                        enrolled.personId(),
                        policy,
                        CoverageEffect.What.ENDS,
                        DateSpan.later(lastDay, enrolled.enrolment().from())))
                .toList();
        enrolments.apply(ends, effect -> Optional.of(ending));
        store.retire(policyId, lastDay);
        audit.record(Thing.POLICY, policyId, "retired the policy", null, lastDay);
        return get(policyId);
    }

    /** Brings a retired policy back: the enrolments that ended with it go on as if it had never been retired. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail bringBack(long policyId) {
        PolicyDetail policy = get(policyId);
        LocalDate retired = policy.retired();
        if (retired == null) {
            throw Refusal.conflict("This policy is not retired.");
        }
        store.retire(policyId, null);
        List<CoverageEffect> goOn = new ArrayList<>();
        for (Enrolled enrolled : enrolments.inPolicy(policyId)) {
            LocalDate end = DateSpan.later(retired, enrolled.enrolment().from());
            if (enrolled.enrolment()
                    .ends()
                    .filter(each -> each.on().equals(end))
                    .isPresent()) {
                goOn.add(CoverageEffect.of(enrolled.personId(), policy, CoverageEffect.What.GOES_ON, end.plusDays(1)));
            }
        }
        enrolments.apply(goOn, effect -> Optional.empty());
        audit.record(Thing.POLICY, policyId, "brought the policy back", retired, null);
        return get(policyId);
    }

    /** Everybody who is enrolled in two policies of the same kind on a day, or in none of a kind meant for everybody. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<Doubled> doubled(LocalDate on) {
        return CoverageGaps.of(
                people.search(PeopleQuery.everybodyOn(on)).stream()
                        .filter(person -> person.isEmployedWithin(on, on))
                        .toList(),
                enrolments.on(on),
                store.all());
    }

    /** The same of some people, from the later of a day and their hire date on. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<Doubled> doubled(Collection<Long> personIds, LocalDate from) {
        List<Enrolled> enrolled = enrolments.of(personIds).stream()
                .filter(each -> each.enrolment()
                        .ends()
                        .filter(end -> end.on().isBefore(from))
                        .isEmpty())
                .toList();
        List<Person> employed = people.get(personIds).stream()
                .filter(person -> person.lastDay() == null || !person.lastDay().isBefore(from))
                .toList();
        return CoverageGaps.of(employed, enrolled, store.all());
    }

    /**
     * Puts a draft in force from a date and enrols the people it covers. Whoever is enrolled already stays so.
     *
     * @param reason why, needed where the date lies in a period that a run has closed
     * @throws Refusal if a version starts on that date already, somebody else changed the draft meanwhile, or it has
     *     figures that nobody has looked at
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PolicyDetail putInForce(
            long policyId, long versionId, int seenEdits, LocalDate from, Coverage coverage, String reason) {
        if (reason.isBlank() && changes.isLate(null, from)) {
            throw Refusal.of("reason", "Please say why it holds from a day that pay runs have closed already.");
        }
        PolicyDetail policy = get(policyId);
        requireLookedAt(version(policy, versionId));
        if (policy.versions().stream().anyMatch(version -> from.equals(version.starts()))) {
            throw Refusal.of("from", "Another version of this policy starts on that day.");
        }
        if (!store.putInForce(versionId, seenEdits, from)) {
            throw Refusal.conflict(CHANGED_MEANWHILE);
        }
        store.setCoverage(policyId, coverage);
        int added = enrolments.enrolCovered(policyId, coverage, from);
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
                added + " people enrolled. " + reason.strip());
        return get(policyId);
    }

    private static void requireLookedAt(PolicyVersion draft) {
        if (!draft.unseenFigures().isEmpty()) {
            throw Refusal.conflict("These figures came with the starting point and nobody has looked at them yet: "
                    + String.join(", ", draft.unseenFigures()) + ".");
        }
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

    /** The ids of whoever is or was enrolled in a policy, and of whom a coverage would enrol from a date on, by name. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<Long> concerned(long policyId, Coverage coverage, LocalDate from) {
        Set<Long> enrolled = new HashSet<>(enrolments.peopleIn(policyId));
        return people.whereabouts(from).stream()
                .filter(person -> enrolled.contains(person.personId()) || Enrolments.isCovered(person, coverage, from))
                .map(Whereabouts::personId)
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
