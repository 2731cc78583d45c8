package upahead.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upahead.server.employment.Person;
import upahead.server.organisation.Organisation;
import upahead.server.requests.absences.TeamNeed;
import upahead.server.requests.absences.TeamNeeds;
import upahead.server.requests.signing.StandIns;

/** How many some teams need, and who signs for whom in May. */
@Component
class DemoStaffing {

    private final Organisation organisation;
    private final TeamNeeds needs;
    private final StandIns standIns;

    DemoStaffing(Organisation organisation, TeamNeeds needs, StandIns standIns) {
        this.organisation = organisation;
        this.needs = needs;
        this.standIns = standIns;
    }

    void setUp(Map<String, Person> people) {
        need("Glasshouses", List.of(6, 6, 6, 6, 6, 0, 0));
        need("Café and shop", List.of(3, 3, 3, 3, 4, 2, 2));
        need("Visitor welcome", List.of(4, 4, 4, 4, 5, 2, 2));
        standIns.name(
                people.get("B107").id(), people.get("B106").id(), LocalDate.of(2027, 5, 3), LocalDate.of(2027, 5, 14));
    }

    private void need(String team, List<Integer> week) {
        organisation.teams().stream()
                .filter(each -> each.name().equals(team))
                .forEach(each -> needs.set(new TeamNeed(each.id(), week)));
    }
}
