package upahead.server.cards.punches;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.cards.Punch;
import upahead.server.cards.punches.StoredPunch.State;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Punches that found no place, until somebody has looked at each. */
@Service
public class OpenPunches {

    private final PunchStore store;
    private final PunchTaking taking;
    private final People people;
    private final Audit audit;

    OpenPunches(PunchStore store, PunchTaking taking, People people, Audit audit) {
        this.store = store;
        this.taking = taking;
        this.people = people;
        this.audit = audit;
    }

    /**
     * A punch that waits.
     *
     * @param at by the clock of where it was said
     * @param person null where nobody is known by the code
     */
    public record OpenPunch(
            long id,
            String code,
            @Nullable Long personId,
            @Nullable String person,
            Punch.Kind kind,
            LocalDateTime at,
            String source,
            State state,
            String note) {}

    /** Those that wait, oldest first. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public List<OpenPunch> all() {
        List<StoredPunch> open = store.open();
        List<Long> ids = open.stream()
                .map(StoredPunch::personId)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        Map<Long, Person> known = people.get(ids).stream().collect(Collectors.toMap(Person::id, Function.identity()));
        return open.stream()
                .map(punch -> new OpenPunch(
                        punch.id(),
                        punch.code(),
                        punch.personId(),
                        punch.personId() == null
                                ? null
                                : known.get(punch.personId()).name(),
                        punch.kind(),
                        LocalDateTime.ofInstant(punch.at(), punch.zone()),
                        punch.source(),
                        punch.state(),
                        punch.note()))
                .toList();
    }

    /**
     * Says whose a punch is; it then makes times as if it had been known from the beginning.
     *
     * @throws Refusal if it is not one that nobody is known for
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void assign(long id, long personId) {
        StoredPunch punch = open(id);
        if (punch.state() != State.UNKNOWN) {
            throw Refusal.conflict("It is known already whose this is.");
        }
        Person person = people.get(personId);
        people.lock(personId);
        taking.take(List.of(punch.of(personId, State.TAKEN, "")), punch.source());
        audit.record(
                Thing.PERSON,
                personId,
                "was given a punch",
                null,
                punch.code() + " at " + punch.at() + " of " + person.name());
    }

    /**
     * Says that a punch does not count.
     *
     * @param note why, not blank
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void dismiss(long id, String note) {
        StoredPunch punch = open(id);
        store.change(punch.of(punch.personId(), State.DISMISSED, note));
        if (punch.personId() != null) {
            audit.record(Thing.PERSON, punch.personId(), "dismissed a punch", punch.kind() + " at " + punch.at(), note);
        } else {
            audit.record(Thing.COMPANY, 1, "dismissed a punch", punch.code() + " at " + punch.at(), note);
        }
    }

    private StoredPunch open(long id) {
        StoredPunch punch = store.find(id).orElseThrow(() -> Refusal.notFound("punch"));
        if (punch.state() != State.UNKNOWN && punch.state() != State.SET_ASIDE) {
            throw Refusal.conflict("Somebody has looked at this already.");
        }
        return punch;
    }
}
