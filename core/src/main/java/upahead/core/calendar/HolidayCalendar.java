package upahead.core.calendar;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/** The holidays of a site, whole days and half days, by date. Immutable. */
public final class HolidayCalendar {

    /**
     * One holiday.
     *
     * @param name what it is called, never null
     * @param half whether only half of the scheduled hours are free
     */
    public record Holiday(String name, boolean half) {}

    public static final HolidayCalendar NONE = new HolidayCalendar(Map.of());

    private final NavigableMap<LocalDate, Holiday> holidays;

    /** @param holidays by date, neither dates nor holidays null; copied */
    public HolidayCalendar(Map<LocalDate, Holiday> holidays) {
        this.holidays = new TreeMap<>(holidays);
    }

    /** Whole holidays without names. */
    public static HolidayCalendar on(Collection<LocalDate> dates) {
        TreeMap<LocalDate, Holiday> whole = new TreeMap<>();
        dates.forEach(date -> whole.put(date, new Holiday("Holiday", false)));
        return new HolidayCalendar(whole);
    }

    /** The holidays of somebody who moves between sites: on each day those of the site that counts then. */
    public static HolidayCalendar joined(Timeline<HolidayCalendar> sites) {
        Map<LocalDate, Holiday> holidays = new TreeMap<>();
        for (Timeline.Entry<HolidayCalendar> entry : sites.entries()) {
            holidays.keySet().removeIf(day -> !day.isBefore(entry.from()));
            holidays.putAll(entry.value().holidays.tailMap(entry.from(), true));
        }
        return new HolidayCalendar(holidays);
    }

    /** The holiday of a date, whole or half; nothing on any other day. */
    public Optional<Holiday> on(LocalDate date) {
        return Optional.ofNullable(holidays.get(date));
    }

    /** The dates of all holidays within a span, in order of time. */
    public Collection<LocalDate> datesWithin(DateSpan span) {
        return holidays.subMap(span.first(), true, span.last(), true).keySet();
    }
}
