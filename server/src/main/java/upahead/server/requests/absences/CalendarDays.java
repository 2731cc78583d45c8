package upahead.server.requests.absences;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.server.holidays.Holidays;
import upahead.server.holidays.ProtectedDate;
import upahead.server.organisation.Named;
import upahead.server.organisation.Organisation;
import upahead.server.requests.absences.CalendarView.CalendarDay;

/** Holidays and protected dates on the calendar's axis. */
@Component
class CalendarDays {

    private final Holidays holidays;
    private final Organisation organisation;

    CalendarDays(Holidays holidays, Organisation organisation) {
        this.holidays = holidays;
        this.organisation = organisation;
    }

    /**
     * @param siteId whose holidays are shown, null for those of all sites
     */
    List<CalendarDay> of(DateSpan days, Long siteId) {
        Map<Long, HolidayCalendar> calendars = holidays.calendars();
        List<Named> sites = organisation.sites().stream()
                .filter(site -> siteId == null || siteId == site.id())
                .toList();
        List<ProtectedDate> protectedDates = holidays.protectedDates();
        return days.dates()
                .map(day -> new CalendarDay(
                        day,
                        names(day, sites, calendars),
                        protectedDates.stream()
                                .filter(dates -> !day.isBefore(dates.starts()) && !day.isAfter(dates.ends()))
                                .map(ProtectedDate::reason)
                                .distinct()
                                .toList()))
                .toList();
    }

    private static List<String> names(LocalDate day, List<Named> sites, Map<Long, HolidayCalendar> calendars) {
        Map<String, List<String>> where = new LinkedHashMap<>();
        for (Named site : sites) {
            calendars.getOrDefault(site.id(), HolidayCalendar.NONE).on(day).ifPresent(holiday -> where.computeIfAbsent(
                            holiday.name(), unused -> new ArrayList<>())
                    .add(site.name()));
        }
        return where.entrySet().stream()
                .map(each -> each.getValue().size() == sites.size()
                        ? each.getKey()
                        : each.getKey() + " (" + String.join(", ", each.getValue()) + ")")
                .toList();
    }
}
