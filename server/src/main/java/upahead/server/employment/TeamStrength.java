package upahead.server.employment;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;

/**
 * How many people each team has on some days, as their schedules say. Whoever works in one way on all of the days is counted
 * by the database together with those who work alike; only the others are gone through one by one. What all teams have is
 * known until something is changed anywhere.
 */
@Component
public class TeamStrength {

    private static final int MOST_KEPT = 100_000;

    private final TeamStrengthStore store;
    private final PlacementStore placements;
    private final EmploymentsOfManyStore employments;
    private final WhileUnchanged<DateSpan, WorkedAlike> ofAllTeams;

    TeamStrength(
            TeamStrengthStore store, PlacementStore placements, EmploymentsOfManyStore employments, TurnStore turns) {
        this.store = store;
        this.placements = placements;
        this.employments = employments;
        this.ofAllTeams = WhileUnchanged.byTheDay(turns, MOST_KEPT);
    }

    /**
     * @param teamId null for all teams
     */
    public List<WorkedAlike> of(DateSpan days, Long teamId) {
        return teamId == null ? ofAllTeams.of(days, () -> count(days, null)) : count(days, teamId);
    }

    private List<WorkedAlike> count(DateSpan days, Long teamId) {
        List<WorkedAlike> all = new ArrayList<>(store.unchanging(days, teamId));
        Set<Long> changing = store.changing(days);
        Map<Long, List<Placement>> places =
                placements.of(changing).stream().collect(Collectors.groupingBy(Placement::personId));
        employments.of(changing).forEach((person, employment) -> places.getOrDefault(person, List.of()).stream()
                .filter(place -> teamId == null || place.placing().teamId() == teamId)
                .forEach(place -> add(all, days, employment, place)));
        return List.copyOf(all);
    }

    private static void add(Collection<WorkedAlike> all, DateSpan days, Employment employment, Placement place) {
        LocalDate last = employment.leaves().orElse(LocalDate.MAX);
        DateSpan.between(DateSpan.later(employment.hired(), place.starts()), DateSpan.earlier(last, place.through()))
                .flatMap(days::intersection)
                .ifPresent(there -> employment.withoutPauses(there).forEach(stretch -> employment
                        .schedule()
                        .within(stretch)
                        .forEach(schedule -> all.add(new WorkedAlike(
                                place.placing().teamId(),
                                place.placing().siteId(),
                                schedule.days(),
                                weekdays(schedule.value()),
                                1)))));
    }

    private static Set<DayOfWeek> weekdays(WeeklySchedule schedule) {
        return Arrays.stream(DayOfWeek.values())
                .filter(day -> schedule.on(day).isPositive())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(DayOfWeek.class)));
    }
}
