package upahead.server.holidays;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.core.calendar.YearlyHoliday;
import upahead.server.holidays.YearPreview.PreviewDay;
import upahead.server.holidays.YearPreview.State;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** The days that the yearly rules of a site give for a year, looked at and taken. */
@Service
public class HolidayYears {

    private static final int MOST_YEARS_AHEAD = 10;

    private final HolidayRuleStore store;
    private final Holidays holidays;
    private final MovableClock clock;

    HolidayYears(HolidayRuleStore store, Holidays holidays, MovableClock clock) {
        this.store = store;
        this.holidays = holidays;
        this.clock = clock;
    }

    /** What the rules of a site give for a year, beside what is there already. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_HOLIDAYS)
    public YearPreview preview(long siteId, int year) {
        requireYear(year);
        return new YearPreview(beside(siteId, year(siteId, year)), List.of());
    }

    /** The days beside the holidays a site has. */
    List<PreviewDay> beside(long siteId, Map<LocalDate, Holiday> days) {
        HolidayCalendar there = holidays.calendars().getOrDefault(siteId, HolidayCalendar.NONE);
        return days.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(each -> day(each.getKey(), each.getValue(), there.on(each.getKey())))
                .toList();
    }

    private static PreviewDay day(LocalDate on, Holiday holiday, Optional<Holiday> there) {
        State state = there.map(other -> other.equals(holiday) ? State.SAME : State.TAKEN)
                .orElse(State.NEW);
        return new PreviewDay(
                on,
                holiday.name(),
                holiday.half(),
                state,
                there.map(Holiday::name).orElse(null));
    }

    /** Takes the days of a year; those on which another holiday stands are left out. */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public YearPreview take(long siteId, int year) {
        requireYear(year);
        SortedMap<LocalDate, Holiday> days = year(siteId, year);
        List<PreviewDay> beside = beside(siteId, days);
        add(siteId, beside);
        return new YearPreview(beside, List.of());
    }

    /** Adds the days that are new. */
    void add(long siteId, Collection<PreviewDay> days) {
        days.stream()
                .filter(day -> day.state() == State.NEW)
                .forEach(day -> holidays.add(siteId, day.on(), new Holiday(day.name(), day.half())));
    }

    private void requireYear(int year) {
        int thisYear = clock.today().getYear();
        if (year < thisYear - 1 || year > thisYear + MOST_YEARS_AHEAD) {
            throw Refusal.of("year", "Please choose a year up to " + (thisYear + MOST_YEARS_AHEAD) + ".");
        }
    }

    private SortedMap<LocalDate, Holiday> year(long siteId, int year) {
        List<YearlyHoliday> rules = store.all().stream()
                .filter(rule -> rule.siteId() == siteId)
                .map(rule -> rule.rule().holiday())
                .toList();
        return YearlyHoliday.in(year, rules);
    }
}
