package upahead.server.requests.told;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.organisation.Named;
import upahead.server.organisation.Organisation;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.notices.Notices;
import upahead.server.platform.notices.Topic;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Tells chosen people of the absences of a team: when somebody is away, never why. */
@Service
public class AlsoTold {

    private static final int MOST = 20;

    private final ToldOfTeamStore store;
    private final Organisation organisation;
    private final People people;
    private final Notices notices;
    private final Audit audit;

    AlsoTold(ToldOfTeamStore store, Organisation organisation, People people, Notices notices, Audit audit) {
        this.store = store;
        this.organisation = organisation;
        this.people = people;
        this.notices = notices;
        this.audit = audit;
    }

    @Transactional(readOnly = true)
    @May(Permission.KEEP_PEOPLE)
    public List<ToldOfTeam> all() {
        return store.all();
    }

    /**
     * Sets who is told of a team's absences from now on.
     *
     * @throws Refusal if there is no such team or person, or there are more than 20
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public List<ToldOfTeam> set(ToldOfTeam told) {
        if (organisation.teams().stream().map(Named::id).noneMatch(id -> id == told.teamId())) {
            throw Refusal.notFound("team");
        }
        if (told.people().size() > MOST) {
            throw Refusal.of("people", "At most " + MOST + " people are told of a team's absences.");
        }
        String before = names(new ToldOfTeam(told.teamId(), store.of(told.teamId())));
        String after = names(told);
        store.set(told);
        audit.record(Thing.TEAM, told.teamId(), "set who is told of absences", before, after);
        return all();
    }

    private String names(ToldOfTeam told) {
        List<Person> known = people.get(told.people());
        if (known.size() < told.people().size()) {
            throw Refusal.notFound("person");
        }
        return String.join(", ", known.stream().map(Person::name).toList());
    }

    /**
     * Tells them what changed in the absences of somebody, in the transaction of the change.
     *
     * @param what a sentence that gives no kind of leave
     */
    @Transactional
    public void tell(Person absent, String what) {
        for (long person : store.of(absent.teamId())) {
            if (person != absent.id()) {
                notices.tell(person, Topic.ABSENCE_OF_OTHERS, what, what + ".", "/calendar");
            }
        }
    }
}
