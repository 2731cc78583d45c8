package upahead.server.employment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.people.Employment;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.platform.problems.Refusal;

/** The people, for other features. What a signed-in person may see of them is decided by the services that ask. */
@Service
public class People {

    private final PersonStore store;
    private final PlacementStore placements;
    private final EmploymentsOfManyStore employments;
    private final DirectoryStore directory;
    private final Organisation organisation;

    People(
            PersonStore store,
            PlacementStore placements,
            EmploymentsOfManyStore employments,
            DirectoryStore directory,
            Organisation organisation) {
        this.store = store;
        this.placements = placements;
        this.employments = employments;
        this.directory = directory;
        this.organisation = organisation;
    }

    /** Where somebody works on a day. */
    @Transactional(readOnly = true)
    public Placing placing(long personId, LocalDate on) {
        return placements.of(List.of(personId)).stream()
                .filter(stretch -> stretch.days().contains(on))
                .map(Placement::placing)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("person"));
    }

    /** Where some people work, by their ids, in order of time. */
    @Transactional(readOnly = true)
    public Map<Long, List<Placement>> placements(Collection<Long> people) {
        return placements.of(people).stream().collect(Collectors.groupingBy(Placement::personId));
    }

    /** The employment that followed this one, if somebody came back. */
    @Transactional(readOnly = true)
    public Optional<Long> later(long personId) {
        return store.later(personId);
    }

    /** Who types a code at a clock. */
    @Transactional(readOnly = true)
    public Optional<Person> byClockCode(String clockCode) {
        return store.byClockCode(clockCode).map(this::get);
    }

    /** The ids of all people by their codes, in capitals. */
    @Transactional(readOnly = true)
    public Map<String, Long> idsByCode() {
        return store.idsByCode();
    }

    /** Makes everybody else who changes this person's requests wait until the transaction ends. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void lock(long personId) {
        store.lock(personId);
    }

    /**
     * @throws Refusal if there is no such person
     */
    @Transactional(readOnly = true)
    public Person get(long id) {
        return directory.find(id).orElseThrow(() -> Refusal.notFound("person"));
    }

    @Transactional(readOnly = true)
    public List<Person> get(Collection<Long> ids) {
        return directory.find(ids);
    }

    /** Where everybody works on a day, whether employed then or not, by name. */
    @Transactional(readOnly = true)
    public List<Whereabouts> whereabouts(LocalDate on) {
        return directory.whereabouts(on);
    }

    @Transactional(readOnly = true)
    public List<Person> search(PeopleQuery query) {
        return directory.search(query);
    }

    @Transactional(readOnly = true)
    public int count(PeopleQuery query) {
        return directory.count(query);
    }

    /** Who left before a day, did not come back and still has a name; whoever left first comes first. */
    @Transactional(readOnly = true)
    public List<Person> gone(LocalDate before, int most) {
        return directory.gone(before, most);
    }

    /** How many have no name any more. */
    @Transactional(readOnly = true)
    public int countNameless() {
        return directory.countNameless();
    }

    /** All employments of one human being that this one followed, and this one, the newest first. */
    @Transactional(readOnly = true)
    public List<Person> employmentsBefore(Person last) {
        List<Person> chain = new ArrayList<>();
        for (Person each = last; each != null; each = each.earlierId() == null ? null : get(each.earlierId())) {
            chain.add(each);
        }
        return chain;
    }

    /** The employments of some people by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, Employment> employments(Collection<Long> ids) {
        return employments.of(ids);
    }

    /** The pay groups in which some people are, were or will be paid. */
    @Transactional(readOnly = true)
    public List<PayGroup> payGroupsOf(Collection<Long> personIds) {
        Set<Long> theirs = placements.payGroupIdsOf(personIds);
        return organisation.payGroups().stream()
                .filter(group -> theirs.contains(group.id()))
                .toList();
    }
}
