package upahead.server.requests.absences;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.Timeline;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.server.employment.Placement;

/**
 * How many of each team are scheduled on each of some days. People who work alike are counted together, so that many
 * people over many days cost little.
 */
final class TeamSchedules {

    /** People of a team and site who work on the same weekdays of some days. */
    private record Alike(long teamId, long siteId, DateSpan days, Set<DayOfWeek> weekdays) {}

    private final Map<Long, HolidayCalendar> holidays;
    private final Map<Long, Map<Alike, Integer>> byTeam = new HashMap<>();

    /**
     * @param holidays by site
     */
    TeamSchedules(
            DateSpan days,
            Map<Long, Employment> employments,
            Map<Long, List<Placement>> placements,
            Map<Long, HolidayCalendar> holidays) {
        this.holidays = holidays;
        employments.forEach((person, employment) -> add(days, employment, placements.getOrDefault(person, List.of())));
    }

    private void add(DateSpan days, Employment employment, Collection<Placement> placements) {
        LocalDate last = employment.leaves().orElse(LocalDate.MAX);
        for (Placement placement : placements) {
            DateSpan.between(
                            DateSpan.later(employment.hired(), placement.starts()),
                            DateSpan.earlier(last, placement.through()))
                    .flatMap(days::intersection)
                    .ifPresent(there -> employment.withoutPauses(there).forEach(stretch -> employment
                            .schedule()
                            .within(stretch)
                            .forEach(schedule -> count(placement, schedule))));
        }
    }

    private void count(Placement placement, Timeline.Stretch<WeeklySchedule> schedule) {
        Set<DayOfWeek> weekdays = Arrays.stream(DayOfWeek.values())
                .filter(day -> schedule.value().on(day).isPositive())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(DayOfWeek.class)));
        byTeam.computeIfAbsent(placement.placing().teamId(), unused -> new HashMap<>())
                .merge(
                        new Alike(
                                placement.placing().teamId(),
                                placement.placing().siteId(),
                                schedule.days(),
                                weekdays),
                        1,
                        Integer::sum);
    }

    /** How many of a team are scheduled on a day; whoever has a whole holiday is not. */
    int scheduled(long teamId, LocalDate day) {
        return byTeam.getOrDefault(teamId, Map.of()).entrySet().stream()
                .filter(each -> each.getKey().days().contains(day)
                        && each.getKey().weekdays().contains(day.getDayOfWeek())
                        && !isHoliday(each.getKey().siteId(), day))
                .mapToInt(Map.Entry::getValue)
                .sum();
    }

    private boolean isHoliday(long siteId, LocalDate day) {
        return holidays.getOrDefault(siteId, HolidayCalendar.NONE)
                .on(day)
                .filter(holiday -> !holiday.half())
                .isPresent();
    }
}
