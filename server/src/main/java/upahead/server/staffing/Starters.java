package upahead.server.staffing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.lang.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.people.NewPerson;
import upahead.server.people.People;
import upahead.server.people.PeopleQuery;
import upahead.server.people.Person;
import upahead.server.policies.CoverageEffect;
import upahead.server.policies.Enrolments;
import upahead.server.problems.Refusal;

/** Brings new people in, enrols them by the coverage of each policy, and lets people leave and come back. */
@Service
public class Starters {

    private final People people;
    private final Enrolments enrolments;

    Starters(People people, Enrolments enrolments) {
        this.people = people;
        this.enrolments = enrolments;
    }

    /** Somebody who was added, and what they are enrolled in. */
    public record Added(Person person, List<CoverageEffect> enrolments) {}

    /**
     * Adds somebody.
     *
     * @throws Refusal as {@link People#add(NewPerson)} does
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public Added add(NewPerson starter) {
        return enrolled(people.add(starter));
    }

    /**
     * Somebody who is there already and may be the one about to be added.
     *
     * @param what they have in common
     */
    public record Alike(
            long personId, String code, String name, LocalDate hired, @Nullable LocalDate lastDay, String what) {}

    /** Who is there already that may be somebody about to be added: with the same name or address, at any time. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<Alike> alike(String name, String email, LocalDate hired) {
        List<Alike> alike = new ArrayList<>();
        for (Person person : people.search(PeopleQuery.everybody())) {
            Likeness likeness = Likeness.between(person, name, email, hired);
            if (likeness.isPossible()) {
                alike.add(new Alike(
                        person.id(), person.code(), person.name(), person.hired(), person.lastDay(), likeness.words()));
            }
        }
        return alike;
    }

    /**
     * Lets somebody who left come back, as a new employment.
     *
     * @throws Refusal as {@link People#comeBack} does
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public Added comeBack(long personId, NewPerson again) {
        return enrolled(people.comeBack(personId, again));
    }

    /** Adds many, all or none of them, and returns what they are enrolled in. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<CoverageEffect> addAll(List<NewPerson> starters, Map<String, String> approvers) {
        return enrolments.enrolNew(people.get(people.addAll(starters, approvers)));
    }

    private Added enrolled(long id) {
        Person person = people.get(id);
        return new Added(person, enrolments.enrolNew(List.of(person)));
    }

    /** Sets somebody's last day, or takes it back where that is null. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public Person leave(long personId, LocalDate lastDay) {
        people.leave(personId, lastDay);
        return people.get(personId);
    }
}
