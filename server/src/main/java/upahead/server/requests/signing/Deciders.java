package upahead.server.requests.signing;

import java.util.List;
import org.springframework.stereotype.Component;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.Permission;

/** Who can be asked to decide: whoever is employed today and has a sign-in with which one decides for others. */
@Component
class Deciders {

    private final SignIns signIns;
    private final People people;
    private final MovableClock clock;

    Deciders(SignIns signIns, People people, MovableClock clock) {
        this.signIns = signIns;
        this.people = people;
        this.clock = clock;
    }

    /** By name. */
    List<Person> today() {
        return people.get(signIns.peopleWho(Permission.DECIDE_FOR_THE_ASSIGNED)).stream()
                .filter(person -> person.isEmployedWithin(clock.today(), clock.today()))
                .toList();
    }
}
