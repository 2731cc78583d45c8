package upahead.server.staffing;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.Hiring;
import upahead.server.employment.NewPerson;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.PersonChanges;
import upahead.server.enrolment.CoverageEffect;
import upahead.server.enrolment.Enrolling;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Brings new people in, enrols them by the coverage of each policy, and lets people leave and come back. */
@Service
public class Starters {

    private final People people;
    private final PersonChanges personChanges;
    private final Hiring hiring;
    private final Enrolling enrolling;

    Starters(People people, PersonChanges personChanges, Hiring hiring, Enrolling enrolling) {
        this.people = people;
        this.personChanges = personChanges;
        this.hiring = hiring;
        this.enrolling = enrolling;
    }

    /** Somebody who was added, and what they are enrolled in. */
    public record Added(Person person, List<CoverageEffect> enrolments) {}

    /**
     * Adds somebody.
     *
     * @throws Refusal as {@link People#add(NewPerson)} does
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public Added add(NewPerson starter) {
        return enrolled(hiring.add(starter));
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
    @May(Permission.KEEP_PEOPLE)
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
    @May(Permission.KEEP_PEOPLE)
    public Added comeBack(long personId, NewPerson again) {
        return enrolled(hiring.comeBack(personId, again));
    }

    /** Adds many, all or none of them, and returns what they are enrolled in. */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public List<CoverageEffect> addAll(List<NewPerson> starters, Map<String, String> approvers) {
        return enrolling.enrolNew(people.get(hiring.addAll(starters, approvers)));
    }

    private Added enrolled(long id) {
        Person person = people.get(id);
        return new Added(person, enrolling.enrolNew(List.of(person)));
    }

    /** Sets somebody's last day, or takes it back where that is null. */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public Person leave(long personId, LocalDate lastDay) {
        personChanges.leave(personId, lastDay);
        return people.get(personId);
    }
}
