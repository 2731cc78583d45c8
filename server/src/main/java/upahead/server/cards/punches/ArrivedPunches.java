package upahead.server.cards.punches;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.cards.punches.StoredPunch.State;
import upahead.server.employment.People;

/** Keeps what arrives from a terminal, whether it makes times or not. */
@Component
public class ArrivedPunches {

    private final PunchStore store;
    private final PunchTaking taking;
    private final People people;

    ArrivedPunches(PunchStore store, PunchTaking taking, People people) {
        this.store = store;
        this.taking = taking;
        this.people = people;
    }

    /** Which of some marks a terminal has delivered before. */
    public Set<String> known(long terminalId, Collection<String> marks) {
        return store.known(terminalId, marks);
    }

    /**
     * Takes punches that were not heard before.
     *
     * @return the same with what became of each
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public List<StoredPunch> arrived(List<StoredPunch> punches, String source) {
        List<StoredPunch> known =
                punches.stream().filter(each -> each.state() == State.TAKEN).toList();
        List<StoredPunch> others =
                punches.stream().filter(each -> each.state() != State.TAKEN).toList();
        known.stream().map(StoredPunch::personId).distinct().sorted().forEach(people::lock);
        store.add(others);
        return Stream.concat(taking.take(known, source).stream(), others.stream())
                .toList();
    }
}
