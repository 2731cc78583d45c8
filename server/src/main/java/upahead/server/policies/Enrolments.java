package upahead.server.policies;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.policy.EndBalance;
import upahead.core.policy.Enrolment;
import upahead.server.audit.Audit;
import upahead.server.audit.Thing;
import upahead.server.changes.LateChange.Subject;
import upahead.server.changes.LateChanges;
import upahead.server.people.NewPerson;
import upahead.server.people.People;
import upahead.server.people.PeopleQuery;
import upahead.server.people.Person;
import upahead.server.people.Placing;
import upahead.server.people.Whereabouts;
import upahead.server.policies.CoverageEffect.What;
import upahead.server.problems.Refusal;
import upahead.server.words.Words;

/** Who is enrolled in what: begun and ended by the coverage of policies, and ended by hand. */
@Service
public class Enrolments {

    private static final long NOBODY_YET = -1;

    private final EnrolmentStore store;
    private final PolicyStore policies;
    private final People people;
    private final LateChanges changes;
    private final Audit audit;

    Enrolments(EnrolmentStore store, PolicyStore policies, People people, LateChanges changes, Audit audit) {
        this.store = store;
        this.policies = policies;
        this.people = people;
        this.changes = changes;
        this.audit = audit;
    }

    /** The people who are or were enrolled in a policy. */
    @Transactional(readOnly = true)
    public List<Long> peopleIn(long policyId) {
        return store.peopleIn(policyId);
    }

    /** All enrolments of some people. */
    @Transactional(readOnly = true)
    public List<Enrolled> of(Collection<Long> personIds) {
        return store.of(personIds);
    }

    /** All enrolments in a policy. */
    @Transactional(readOnly = true)
    public List<Enrolled> inPolicy(long policyId) {
        return store.inPolicy(policyId);
    }

    /** Whoever is enrolled in something on a day. */
    @Transactional(readOnly = true)
    public List<Enrolled> on(LocalDate day) {
        return store.on(day);
    }

    /** The people whom a coverage would enrol from a date on. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<Person> covered(Coverage coverage, LocalDate from) {
        return people.search(PeopleQuery.everybodyOn(from)).stream()
                .filter(person -> isCovered(person.whereabouts(), coverage, from))
                .toList();
    }

    static boolean isCovered(Whereabouts person, Coverage coverage, LocalDate from) {
        return coverage.covers(person.personId(), person.placing()) && person.isThereFrom(from);
    }

    /**
     * Somebody who is placed otherwise.
     *
     * @param before where they work otherwise
     * @param after where they work then
     */
    public record Move(Person person, Placing before, Placing after) {}

    /** What the coverage of each policy does to people who are placed otherwise from a day on. */
    @Transactional(readOnly = true)
    public List<CoverageEffect> effects(List<Move> moves, LocalDate from) {
        Map<Long, Map<Long, Enrolled>> enrolled =
                store.of(moves.stream().map(move -> move.person().id()).toList()).stream()
                        .collect(Collectors.groupingBy(
                                Enrolled::personId, Collectors.toMap(Enrolled::policyId, Function.identity())));
        List<PolicyDetail> covering = covering().toList();
        List<CoverageEffect> effects = new ArrayList<>();
        for (Move move : moves) {
            Person person = move.person();
            Map<Long, Enrolled> own = enrolled.getOrDefault(person.id(), Map.of());
            for (PolicyDetail policy : covering) {
                effect(
                                person,
                                policy,
                                Optional.ofNullable(own.get(policy.id())),
                                policy.coverage().covers(person.id(), move.before()),
                                policy.coverage().covers(person.id(), move.after()),
                                from)
                        .ifPresent(effects::add);
            }
        }
        return effects;
    }

    /** What another coverage of one policy does from a day on. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<CoverageEffect> effects(PolicyDetail policy, Coverage after, LocalDate from) {
        Map<Long, Enrolled> enrolled =
                store.inPolicy(policy.id()).stream().collect(Collectors.toMap(Enrolled::personId, Function.identity()));
        List<CoverageEffect> effects = new ArrayList<>();
        for (Person person : people.search(PeopleQuery.everybodyOn(from))) {
            Optional<Enrolled> own = Optional.ofNullable(enrolled.get(person.id()));
            boolean was = own.filter(Enrolled::isOpen).isPresent();
            boolean is =
                    was ? after.covers(person.id(), person.placing()) : isCovered(person.whereabouts(), after, from);
            effect(person, policy, own, was, is, from).ifPresent(effects::add);
        }
        return effects;
    }

    private static Optional<CoverageEffect> effect(
            Person person, PolicyDetail policy, Optional<Enrolled> own, boolean before, boolean after, LocalDate from) {
        if (after && !before) {
            if (own.isEmpty()) {
                return effect(person, policy, What.BEGINS, beginning(person, policy, from));
            }
            Optional<Enrolment.End> ends = own.get().enrolment().ends();
            if (ends.isPresent() && ends.get().on().equals(from.minusDays(1))) {
                return effect(person, policy, What.GOES_ON, from);
            }
            return ends.flatMap(end -> effect(person, policy, What.STAYS_ENDED, end.on()));
        }
        if (before && !after && own.filter(Enrolled::isOpen).isPresent()) {
            return own.get().enrolment().from().isBefore(from)
                    ? effect(person, policy, What.ENDS, from.minusDays(1))
                    : effect(
                            person,
                            policy,
                            What.NEVER_BEGINS,
                            own.get().enrolment().from());
        }
        return Optional.empty();
    }

    private static Optional<CoverageEffect> effect(Person person, PolicyDetail policy, What what, LocalDate on) {
        return Optional.of(CoverageEffect.of(person.id(), policy, what, on));
    }

    private static LocalDate beginning(Person person, PolicyDetail policy, LocalDate from) {
        LocalDate begins = policy.begins().orElse(from);
        return DateSpan.later(DateSpan.later(person.hired(), from), begins);
    }

    private Stream<PolicyDetail> covering() {
        return policies.all().stream().filter(Enrolments::enrols);
    }

    private static boolean enrols(PolicyDetail policy) {
        return policy.coverage() != null
                && policy.retired() == null
                && policy.begins().isPresent();
    }

    /**
     * Does what the effects say.
     *
     * @param endings what becomes of the balances of enrolments that end, by their policies; each must be there
     * @throws Refusal if what becomes of a balance is not said, or it cannot go on where it is said to
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void apply(Collection<CoverageEffect> effects, Function<CoverageEffect, Optional<Ending>> endings) {
        enrol(beginning(effects));
        changes.noteAll(
                effects.stream()
                        .filter(effect -> effect.what() == What.BEGINS)
                        .collect(Collectors.toMap(CoverageEffect::personId, CoverageEffect::on, DateSpan::earlier)),
                from -> "Enrolled from " + Words.fullDay(from) + " on");
        Map<Long, PolicyDetail> byId =
                policies.all().stream().collect(Collectors.toMap(PolicyDetail::id, Function.identity()));
        for (CoverageEffect effect : effects) {
            switch (effect.what()) {
                case GOES_ON -> reopen(effect.personId(), byId.get(effect.policyId()), effect.on());
                case NEVER_BEGINS -> drop(effect);
                case ENDS -> {
                    Ending ending = endings.apply(effect)
                            .orElseThrow(() -> Refusal.of(
                                    "endings", "Please say what becomes of what is left in " + effect.policy() + "."));
                    end(effect.personId(), byId, effect.policyId(), effect.on(), ending);
                }
                default -> {}
            }
        }
    }

    private static List<Enrolled> beginning(Collection<CoverageEffect> effects) {
        return effects.stream()
                .filter(effect -> effect.what() == What.BEGINS)
                .map(effect -> Enrolled.from(effect.personId(), effect.policyId(), effect.on()))
                .toList();
    }

    private void enrol(List<Enrolled> added) {
        store.enrol(added);
        Map<Long, List<Enrolled>> byPolicy = added.stream().collect(Collectors.groupingBy(Enrolled::policyId));
        byPolicy.forEach((policyId, some) -> audit.record(
                Thing.POLICY,
                policyId,
                some.size() == 1 ? "enrolled a person" : "enrolled " + some.size() + " people",
                null,
                some));
    }

    private void reopen(long personId, PolicyDetail policy, LocalDate from) {
        store.reopen(personId, policy.id());
        noteLate(personId, from, "Enrolment in " + policy.name() + " goes on from " + Words.fullDay(from));
        audit.record(Thing.PERSON, personId, "took back the end of the enrolment in " + policy.name(), from, null);
    }

    private void drop(CoverageEffect effect) {
        store.drop(effect.personId(), effect.policyId());
        noteLate(effect.personId(), effect.on(), "Enrolment in " + effect.policy() + " taken back");
        audit.record(Thing.PERSON, effect.personId(), "took back the enrolment in " + effect.policy(), effect, null);
    }

    /** How many of people who are not there yet a policy would cover. */
    @Transactional(readOnly = true)
    public int wouldCover(PolicyDetail policy, Collection<NewPerson> newcomers) {
        if (!enrols(policy)) {
            return 0;
        }
        LocalDate begins = policy.begins().orElseThrow();
        return (int) newcomers.stream()
                .filter(person -> policy.coverage().covers(NOBODY_YET, person.placing()))
                .filter(person -> person.lastDay() == null || !person.lastDay().isBefore(begins))
                .count();
    }

    /** Enrols people who were just added in every policy that covers them, and returns the effects. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<CoverageEffect> enrolNew(Collection<Person> added) {
        List<CoverageEffect> effects = new ArrayList<>();
        covering().forEach(policy -> added.stream()
                .filter(person -> isCovered(
                        person.whereabouts(), policy.coverage(), policy.begins().orElseThrow()))
                .map(person -> effect(person, policy, What.BEGINS, beginning(person, policy, person.hired()))
                        .orElseThrow())
                .forEach(effects::add));
        enrol(beginning(effects));
        return effects;
    }

    /** Enrols whom a policy covers from a day on and who never was enrolled; returns how many. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public int enrolCovered(long policyId, Coverage coverage, LocalDate from) {
        Set<Long> already = new HashSet<>(store.peopleIn(policyId));
        List<Enrolled> added = covered(coverage, from).stream()
                .filter(person -> !already.contains(person.id()))
                .map(person -> Enrolled.from(person.id(), policyId, DateSpan.later(person.hired(), from)))
                .toList();
        enrol(added);
        return added.size();
    }

    /**
     * Ends somebody's enrolment by hand.
     *
     * @throws Refusal if somebody is not enrolled, the end is before the beginning, or the balance cannot go on where it
     *     is said to
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void end(long personId, long policyId, LocalDate on, Ending ending) {
        Map<Long, PolicyDetail> byId =
                policies.all().stream().collect(Collectors.toMap(PolicyDetail::id, Function.identity()));
        end(personId, byId, policyId, on, ending);
    }

    private void end(long personId, Map<Long, PolicyDetail> byId, long policyId, LocalDate on, Ending ending) {
        Map<Long, Enrolled> own =
                store.of(List.of(personId)).stream().collect(Collectors.toMap(Enrolled::policyId, Function.identity()));
        Enrolled enrolled = Optional.ofNullable(own.get(policyId))
                .orElseThrow(() -> Refusal.of("policyId", "This person is not enrolled in this policy."));
        if (on.isBefore(enrolled.enrolment().from())) {
            throw Refusal.of(
                    "on",
                    "The enrolment begins on "
                            + Words.fullDay(enrolled.enrolment().from()) + ".");
        }
        PolicyDetail policy = byId.get(policyId);
        Long movedTo = ending.movedTo();
        if ((ending.balance() == EndBalance.MOVE) != (movedTo != null)
                || (movedTo != null && (movedTo == policyId || byId.get(movedTo).unit() != policy.unit()))) {
            throw Refusal.of("movedTo", "The balance can go on in another policy of the same unit.");
        }
        if (movedTo != null && !own.containsKey(movedTo)) {
            throw Refusal.of("movedTo", "The balance can go on only where the person is enrolled.");
        }
        Enrolment.End end = new Enrolment.End(on, ending.balance());
        store.end(personId, policyId, end, movedTo);
        noteLate(personId, on, "Enrolment in " + policy.name() + " ended on " + Words.fullDay(on));
        audit.record(Thing.PERSON, personId, "ended the enrolment in " + policy.name(), enrolled.enrolment(), end);
    }

    /** Takes back the end of an enrolment: it goes on as if it had not ended. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void takeBackEnd(long personId, long policyId) {
        Enrolled enrolled = store.of(List.of(personId)).stream()
                .filter(each -> each.policyId() == policyId && !each.isOpen())
                .findFirst()
                .orElseThrow(() -> Refusal.of("policyId", "This enrolment has no end to take back."));
        PolicyDetail policy = policies.all().stream()
                .filter(each -> each.id() == policyId)
                .findFirst()
                .orElseThrow();
        reopen(personId, policy, enrolled.enrolment().ends().orElseThrow().on().plusDays(1));
    }

    private void noteLate(long personId, LocalDate from, String what) {
        changes.note(personId, null, from, what, Subject.PERSON, personId);
    }

    /** Takes somebody out of every policy as if they had never been there, for a person entered by mistake. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void forget(long personId) {
        store.drop(personId);
    }
}
