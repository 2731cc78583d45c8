package upahead.server.people;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.people.Employment;
import upahead.server.audit.Audit;
import upahead.server.problems.Refusal;

/** The people, for other features. What a signed-in person may see of them is decided by the services that ask. */
@Service
public class People {

    private static final int WEEKDAYS = 7;

    private final PersonStore store;
    private final EmploymentStore employments;
    private final Audit audit;

    People(PersonStore store, EmploymentStore employments, Audit audit) {
        this.store = store;
        this.employments = employments;
        this.audit = audit;
    }

    /**
     * Adds somebody, with a schedule and a full-time equivalent from the hire date on.
     *
     * @throws Refusal if the last day is before the hire date or the week has not seven days
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public long add(NewPerson person) {
        if (person.lastDay() != null && person.lastDay().isBefore(person.hired())) {
            throw Refusal.of("lastDay", "The last day is before the hire date.");
        }
        if (person.week().size() != WEEKDAYS) {
            throw Refusal.of("week", "A week has seven days.");
        }
        long id = store.add(person);
        employments.addSchedule(id, person.hired(), person.week());
        employments.addFte(id, person.hired(), person.fte());
        audit.record("person", id, "added a person", null, person);
        return id;
    }

    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void assignApprover(long personId, long approverId) {
        Person before = get(personId);
        store.setApprover(personId, approverId);
        audit.record("person", personId, "changed the approver", before.approverId(), approverId);
    }

    /**
     * @throws Refusal if there is no such person
     */
    @Transactional(readOnly = true)
    public Person get(long id) {
        return store.find(id).orElseThrow(() -> Refusal.notFound("person"));
    }

    @Transactional(readOnly = true)
    public List<Person> get(Collection<Long> ids) {
        return store.find(ids);
    }

    @Transactional(readOnly = true)
    public List<Person> search(PeopleQuery query) {
        return store.search(query);
    }

    @Transactional(readOnly = true)
    public int count(PeopleQuery query) {
        return store.count(query);
    }

    /** The employments of some people by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, Employment> employments(Collection<Long> ids) {
        return employments.employments(ids);
    }
}
