package upahead.server.employment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.calendar.DateSpan;
import upahead.core.people.Employment;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;

/** People counted together are as many as those counted one by one. */
@WithDemo
class TeamStrengthTest {

    private static final long GROUNDS_PERSON = 28;

    @Autowired
    private TeamStrength strength;

    @Autowired
    private EmploymentChanges changes;

    @Autowired
    private People people;

    @Autowired
    private CurrentUser user;

    @BeforeEach
    void somebodyPausesAndSomebodyWorksOtherwise() {
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            changes.pause(
                    GROUNDS_PERSON, DateSpan.of(LocalDate.of(2027, 5, 10), LocalDate.of(2027, 5, 20)), "a journey");
            return null;
        });
    }

    @ParameterizedTest
    @CsvSource({"2027-01-01, 2027-04-10", "2027-03-15, 2027-03-15", "2027-04-26, 2027-07-25", "2020-06-01, 2020-06-30"})
    void theyAreAsManyAsOneByOne(LocalDate first, LocalDate last) {
        DateSpan days = DateSpan.of(first, last);
        assertThat(counted(strength.of(days, null), days)).isEqualTo(oneByOne(days));
    }

    @Test
    void ofOneTeamTheyAreTheSame() {
        DateSpan days = DateSpan.of(LocalDate.of(2027, 5, 1), LocalDate.of(2027, 6, 30));
        Map<String, Integer> all = oneByOne(days);
        long team = people.get(GROUNDS_PERSON).teamId();
        all.keySet().removeIf(key -> !key.endsWith(" " + team));
        assertThat(counted(strength.of(days, team), days)).isEqualTo(all).isNotEmpty();
    }

    private static Map<String, Integer> counted(List<WorkedAlike> alike, DateSpan days) {
        Map<String, Integer> counted = new TreeMap<>();
        days.dates().forEach(day -> alike.stream()
                .filter(each -> each.on(day))
                .forEach(each -> counted.merge(day + " " + each.teamId(), each.people(), Integer::sum)));
        return counted;
    }

    private Map<String, Integer> oneByOne(DateSpan days) {
        List<Long> everybody =
                people.search(PeopleQuery.everybody()).stream().map(Person::id).toList();
        Map<Long, List<Placement>> placements = people.placements(everybody);
        Map<String, Integer> counted = new TreeMap<>();
        for (Map.Entry<Long, Employment> each : people.employments(everybody).entrySet()) {
            days.dates()
                    .filter(day -> each.getValue().isEmployedOn(day)
                            && each.getValue().scheduledHours(day).isPositive())
                    .forEach(day -> placements.get(each.getKey()).stream()
                            .filter(place -> place.days().contains(day))
                            .forEach(place ->
                                    counted.merge(day + " " + place.placing().teamId(), 1, Integer::sum)));
        }
        return counted;
    }
}
