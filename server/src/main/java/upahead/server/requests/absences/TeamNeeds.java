package upahead.server.requests.absences;

import java.time.DayOfWeek;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.organisation.Named;
import upahead.server.organisation.Organisation;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Minimum staffing: how many of each team are needed on each weekday. */
@Service
public class TeamNeeds {

    private final TeamNeedStore store;
    private final Organisation organisation;
    private final Audit audit;

    TeamNeeds(TeamNeedStore store, Organisation organisation, Audit audit) {
        this.store = store;
        this.organisation = organisation;
        this.audit = audit;
    }

    /** Of every team, by name. */
    @Transactional(readOnly = true)
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public List<TeamNeed> all() {
        Map<Long, Map<DayOfWeek, Integer>> needs = store.all();
        return organisation.teams().stream()
                .map(team -> TeamNeed.of(team.id(), needs.getOrDefault(team.id(), Map.of())))
                .toList();
    }

    /**
     * Sets what a team needs; leave that is approved stays so.
     *
     * @throws Refusal if there is no such team
     */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public List<TeamNeed> set(TeamNeed need) {
        if (organisation.teams().stream().map(Named::id).noneMatch(id -> id == need.teamId())) {
            throw Refusal.notFound("team");
        }
        TeamNeed before = TeamNeed.of(need.teamId(), store.all().getOrDefault(need.teamId(), Map.of()));
        store.set(need.teamId(), need.byDay());
        audit.record(Thing.TEAM, need.teamId(), "set how many are needed", before.week(), need.week());
        return all();
    }
}
