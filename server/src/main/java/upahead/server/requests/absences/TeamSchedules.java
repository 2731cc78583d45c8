package upahead.server.requests.absences;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import upahead.core.calendar.HolidayCalendar;
import upahead.server.employment.WorkedAlike;

/** How many of each team are scheduled on each of some days. */
final class TeamSchedules {

    private final Map<Long, HolidayCalendar> holidays;
    private final Map<Long, List<WorkedAlike>> byTeam;

    /**
     * @param holidays by site
     */
    TeamSchedules(List<WorkedAlike> people, Map<Long, HolidayCalendar> holidays) {
        this.holidays = holidays;
        this.byTeam = people.stream().collect(Collectors.groupingBy(WorkedAlike::teamId));
    }

    /** The teams that have anybody on one of the days. */
    Set<Long> teams() {
        return byTeam.keySet();
    }

    /** How many of a team are scheduled on a day; whoever has a whole holiday is not. */
    int scheduled(long teamId, LocalDate day) {
        return byTeam.getOrDefault(teamId, List.of()).stream()
                .filter(each -> each.on(day) && !isHoliday(each.siteId(), day))
                .mapToInt(WorkedAlike::people)
                .sum();
    }

    private boolean isHoliday(long siteId, LocalDate day) {
        return holidays.getOrDefault(siteId, HolidayCalendar.NONE)
                .on(day)
                .filter(holiday -> !holiday.half())
                .isPresent();
    }
}
