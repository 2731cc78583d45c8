package upahead.server.employment;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Where people work, how, with whom they are paid and who decides for them, from day to day. */
@Service
public class Workplaces {

    private final People people;
    private final PlacementStore placements;
    private final ApproverCircles circles;
    private final LatePeople late;
    private final Audit audit;

    Workplaces(People people, PlacementStore placements, ApproverCircles circles, LatePeople late, Audit audit) {
        this.people = people;
        this.placements = placements;
        this.circles = circles;
        this.late = late;
        this.audit = audit;
    }

    /**
     * Changes where somebody works, how, with whom they are paid or who decides for them, from a day on.
     *
     * @throws Refusal if people would decide for each other in a circle
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void place(long personId, LocalDate from, Placing placing) {
        Placing before = people.placing(personId, from);
        if (before.equals(placing)) {
            throw Refusal.of("from", "That is how it is on " + Words.fullDay(from) + " already; nothing would change.");
        }
        placements.change(personId, from, placing);
        circles.refuse(List.of(personId), from);
        if (before.siteId() != placing.siteId()) {
            late.note(personId, from, "Site changed");
        }
        audit.record(Thing.PERSON, personId, "changed where they work from " + Words.fullDay(from), before, placing);
    }

    /**
     * Takes back a change of where somebody works: what held before goes on.
     *
     * @throws Refusal if nothing changed on that day
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void takeBackPlacement(long personId, LocalDate from) {
        List<Placement> stretches = placements.of(List.of(personId));
        for (int at = 1; at < stretches.size(); at++) {
            Placement removed = stretches.get(at);
            if (removed.starts().equals(from)) {
                placements.remove(stretches.get(at - 1), removed);
                late.note(personId, from, "Change of where they work taken back");
                audit.record(
                        Thing.PERSON,
                        personId,
                        "took back the change from " + Words.fullDay(from),
                        removed.placing(),
                        stretches.get(at - 1).placing());
                return;
            }
        }
        throw Refusal.notFound("change on that day");
    }
}
