package upahead.server.payruns;

import java.util.List;
import org.springframework.stereotype.Component;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;

/** Whose run a run is. */
@Component
class PeopleOfRun {

    private final People people;

    PeopleOfRun(People people) {
        this.people = people;
    }

    /** Everybody paid in its group on its last day, or the one leaver. */
    List<Person> of(PayRun run) {
        return people.search(PeopleQuery.ofPayGroup(run.payGroupId(), run.lastDay())).stream()
                .filter(person -> !run.isOffCycle() || run.offCycleOf() == person.id())
                .toList();
    }
}
