package upahead.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import upahead.server.employment.Person;
import upahead.server.organisation.Organisation;
import upahead.server.requests.absences.TeamNeed;
import upahead.server.requests.absences.TeamNeeds;
import upahead.server.requests.signing.StandIns;
import upahead.server.requests.told.AlsoTold;
import upahead.server.requests.told.ToldOfTeam;

/** How many some teams need, who is told of absences, and who signs for whom in May. */
@Component
class DemoStaffing {

    private final Organisation organisation;
    private final TeamNeeds needs;
    private final StandIns standIns;
    private final AlsoTold alsoTold;

    DemoStaffing(Organisation organisation, TeamNeeds needs, StandIns standIns, AlsoTold alsoTold) {
        this.organisation = organisation;
        this.needs = needs;
        this.standIns = standIns;
        this.alsoTold = alsoTold;
    }

    void setUp(Map<String, Person> people) {
        need("Glasshouses", List.of(6, 6, 6, 6, 6, 0, 0));
        need("Café and shop", List.of(3, 3, 3, 3, 4, 2, 2));
        need("Visitor welcome", List.of(4, 4, 4, 4, 5, 2, 2));
        told("Glasshouses", people.get("B106"));
        standIns.name(
                people.get("B107").id(), people.get("B106").id(), LocalDate.of(2027, 5, 3), LocalDate.of(2027, 5, 14));
    }

    private void told(String team, Person person) {
        organisation.teams().stream()
                .filter(each -> each.name().equals(team))
                .forEach(each -> alsoTold.set(new ToldOfTeam(each.id(), Set.of(person.id()))));
    }

    private void need(String team, List<Integer> week) {
        organisation.teams().stream()
                .filter(each -> each.name().equals(team))
                .forEach(each -> needs.set(new TeamNeed(each.id(), week)));
    }
}
