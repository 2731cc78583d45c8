package upahead.server.employment;

import java.util.List;
import org.springframework.stereotype.Component;
import upahead.server.platform.access.provider.PeopleByMail;
import upahead.server.platform.clock.MovableClock;

/** People are found by the address that stands with them. */
@Component
class PeopleWithAddresses implements PeopleByMail {

    private final DirectoryStore store;
    private final MovableClock clock;

    PeopleWithAddresses(DirectoryStore store, MovableClock clock) {
        this.store = store;
        this.clock = clock;
    }

    @Override
    public List<Found> withAddress(String email) {
        return store.withAddress(email.strip()).stream()
                .map(person -> new Found(person.id(), person.name(), isEmployed(person)))
                .toList();
    }

    private boolean isEmployed(Person person) {
        return !person.hired().isAfter(clock.today())
                && (person.lastDay() == null || !person.lastDay().isBefore(clock.today()));
    }
}
