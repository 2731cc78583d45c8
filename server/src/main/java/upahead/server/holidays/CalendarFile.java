package upahead.server.holidays;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateEnd;
import biweekly.property.DateStart;
import biweekly.util.com.google.ical.compat.javautil.DateIterator;
import biweekly.util.com.google.ical.util.TimeUtils;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.SortedMap;
import java.util.TimeZone;
import java.util.TreeMap;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.server.platform.files.DecodedText;
import upahead.server.platform.problems.Refusal;

/**
 * An iCalendar file of holidays, as other programs write it: with all-day events, times in zones, and repeats.
 *
 * @param days the days within the wanted ones
 * @param notes what was left out, or taken otherwise than it stands there
 */
record CalendarFile(SortedMap<LocalDate, Holiday> days, List<String> notes) {

    private static final String HALF = " (half a day)";
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_DAYS = 62;
    private static final int MOST_DAYS = 20_000;

    /**
     * Reads the events that have a day within some days.
     *
     * @throws Refusal if it is no iCalendar file, not a whole one, or says what cannot be meant
     */
    static CalendarFile read(byte[] content, DateSpan wanted) {
        String text = DecodedText.of(content).text();
        CalendarText.check(text);
        ICalendar calendar = Biweekly.parse(text).first();
        if (calendar.getEvents().isEmpty()) {
            throw Refusal.of("file", "There is no event in this calendar.");
        }
        SortedMap<LocalDate, Holiday> days = new TreeMap<>();
        List<String> notes = new ArrayList<>();
        int found = 0;
        for (VEvent event : calendar.getEvents()) {
            found += new Event(calendar, event, wanted, notes).addTo(days);
            if (found > MOST_DAYS) {
                throw Refusal.of(
                        "file",
                        "Its events fall on more than " + MOST_DAYS + " days: this is no calendar of holidays.");
            }
        }
        return new CalendarFile(days, List.copyOf(notes));
    }

    /** One event with its repeats. */
    private record Event(ICalendar calendar, VEvent event, DateSpan wanted, List<String> notes) {

        /** Adds its days and says how often it happens within those wanted. */
        int addTo(SortedMap<LocalDate, Holiday> days) {
            DateStart start = event.getDateStart();
            if (start == null || start.getValue() == null) {
                notes.add(name() + " has no date and is left out.");
                return 0;
            }
            boolean timed = start.getValue().hasTime();
            if (timed) {
                notes.add(name() + " has a time of day; the whole day is taken.");
            }
            TimeZone zone = zone(start, timed);
            LocalDate first = date(start.getValue(), zone);
            long length = Math.min(LONGEST_DAYS, Math.max(1, length(first, zone, timed)));
            DateIterator repeats = event.getDateIterator(zone);
            repeats.advanceTo(startOf(wanted.first().minusDays(length)));
            int happens = 0;
            while (repeats.hasNext()) {
                LocalDate on = date(repeats.next(), zone);
                if (on.isAfter(wanted.last())) {
                    break;
                }
                add(on, length, days);
                happens++;
            }
            return happens;
        }

        private void add(LocalDate first, long length, SortedMap<LocalDate, Holiday> days) {
            for (LocalDate day = first; day.isBefore(first.plusDays(length)); day = day.plusDays(1)) {
                if (!wanted.contains(day)) {
                    continue;
                }
                boolean half = name().endsWith(HALF);
                String name = half ? name().substring(0, name().length() - HALF.length()) : name();
                Holiday before = days.putIfAbsent(day, new Holiday(name, half));
                if (before != null && !before.name().equals(name)) {
                    notes.add(name + " falls on " + day + ", where " + before.name() + " stands already.");
                }
            }
        }

        private String name() {
            String summary =
                    event.getSummary() == null ? "" : event.getSummary().getValue();
            String name = summary == null || summary.isBlank() ? "Holiday" : summary.strip();
            return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
        }

        /** The zone in which a timed event stands; days without a time are the same everywhere. */
        private TimeZone zone(DateStart start, boolean timed) {
            if (!timed) {
                return TimeZone.getDefault();
            }
            var assigned = calendar.getTimezoneInfo().getTimezone(start);
            return assigned == null ? TimeUtils.utcTimezone() : assigned.getTimeZone();
        }

        /** Days from the first to the end; the end itself is no part of it, unless it has a later time of day. */
        private long length(LocalDate first, TimeZone zone, boolean timed) {
            DateEnd end = event.getDateEnd();
            if (end == null || end.getValue() == null) {
                return 1;
            }
            LocalDate last = timed
                    ? date(new Date(end.getValue().getTime() - 1), zone)
                    : date(end.getValue(), zone).minusDays(1);
            return DateSpan.between(first, last).map(DateSpan::days).orElse(1L);
        }

        private static LocalDate date(Date date, TimeZone zone) {
            ZoneId id = zone.toZoneId();
            return LocalDate.ofInstant(Instant.ofEpochMilli(date.getTime()), id);
        }
    }

    /** The holidays of a site as an iCalendar file. */
    static String written(String site, List<HolidayView> holidays) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Up Ahead//Holidays//EN");
        calendar.setName("Holidays of " + site);
        for (HolidayView holiday : holidays) {
            VEvent event = new VEvent();
            event.setUid(holiday.on() + "-" + holiday.siteId() + "@holidays.up-ahead");
            event.setSummary(holiday.name() + (holiday.half() ? HALF : ""));
            event.setDateStart(startOf(holiday.on()), false);
            event.setDateEnd(startOf(holiday.on().plusDays(1)), false);
            calendar.addEvent(event);
        }
        return Biweekly.write(calendar).go();
    }

    private static Date startOf(LocalDate day) {
        return Date.from(day.atStartOfDay(ZoneId.systemDefault()).toInstant());
    }
}
