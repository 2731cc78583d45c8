package upahead.server.enrolment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.policy.Enrolment;
import upahead.server.employment.NewPerson;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.Placing;
import upahead.server.employment.Whereabouts;
import upahead.server.enrolment.CoverageEffect.What;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Coverage;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Whom the coverage of policies enrols, and what another coverage or another place at work does. */
@Service
public class CoverageEffects {

    private static final long NOBODY_YET = -1;

    private final EnrolmentStore store;
    private final Policies policies;
    private final People people;

    CoverageEffects(EnrolmentStore store, Policies policies, People people) {
        this.store = store;
        this.policies = policies;
        this.people = people;
    }

    /** The people whom a coverage would enrol from a date on. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_PEOPLE)
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
    public List<CoverageEffect> of(List<Move> moves, LocalDate from) {
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
    @May(Permission.KEEP_PEOPLE)
    public List<CoverageEffect> of(PolicyDetail policy, Coverage after, LocalDate from) {
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
        return policies.all().stream().filter(CoverageEffects::enrols);
    }

    private static boolean enrols(PolicyDetail policy) {
        return policy.coverage() != null
                && policy.retired() == null
                && policy.begins().isPresent();
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

    /** What the coverage of each policy does to people who were just added. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_PEOPLE)
    public List<CoverageEffect> ofNewcomers(Collection<Person> added) {
        List<CoverageEffect> effects = new ArrayList<>();
        covering().forEach(policy -> added.stream()
                .filter(person -> isCovered(
                        person.whereabouts(), policy.coverage(), policy.begins().orElseThrow()))
                .map(person -> effect(person, policy, What.BEGINS, beginning(person, policy, person.hired()))
                        .orElseThrow())
                .forEach(effects::add));
        return effects;
    }
}
