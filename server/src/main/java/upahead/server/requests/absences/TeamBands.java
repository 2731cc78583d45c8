package upahead.server.requests.absences;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import upahead.core.calendar.DateSpan;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.core.staffing.Staffing;
import upahead.server.organisation.Named;
import upahead.server.requests.absences.CalendarView.BandDay;
import upahead.server.requests.absences.CalendarView.TeamBand;
import upahead.server.requests.leave.Absent;

/** The bands of the calendar, one for each team. */
final class TeamBands {

    private final DateSpan days;
    private final TeamSchedules schedules;
    private final Map<Long, Map<LocalDate, List<Absent>>> absent;
    private final Map<Long, Map<DayOfWeek, Integer>> needed;
    private final Map<Long, Employment> employments;

    /**
     * @param needed how many are needed, by team
     * @param employments of whoever is away by hours
     */
    TeamBands(
            DateSpan days,
            TeamSchedules schedules,
            Collection<Absent> absent,
            Map<Long, Map<DayOfWeek, Integer>> needed,
            Map<Long, Employment> employments) {
        this.days = days;
        this.schedules = schedules;
        this.absent = absent.stream().collect(Collectors.groupingBy(Absent::teamId, Collectors.groupingBy(Absent::on)));
        this.needed = needed;
        this.employments = employments;
    }

    TeamBand of(Named team) {
        Map<LocalDate, List<Absent>> away = absent.getOrDefault(team.id(), Map.of());
        Map<DayOfWeek, Integer> need = needed.getOrDefault(team.id(), Map.of());
        return new TeamBand(
                team.id(),
                team.name(),
                days.dates()
                        .map(day -> day(
                                schedules.scheduled(team.id(), day),
                                away.getOrDefault(day, List.of()),
                                need.getOrDefault(day.getDayOfWeek(), 0)))
                        .toList());
    }

    private BandDay day(int scheduled, List<Absent> away, int need) {
        Staffing staffing = new Staffing(scheduled, sum(away, true), need);
        return new BandDay(
                staffing.scheduled(), staffing.away(), sum(away, false), staffing.needed(), staffing.isShort());
    }

    private Amount sum(List<Absent> away, boolean approved) {
        return WhoIsAway.together(
                away.stream().filter(each -> each.approved() == approved).toList(), employments);
    }
}
