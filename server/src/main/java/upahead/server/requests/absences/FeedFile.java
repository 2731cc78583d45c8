package upahead.server.requests.absences;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Status;
import biweekly.property.Transparency;
import biweekly.util.DateTimeComponents;
import biweekly.util.ICalDate;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import upahead.server.requests.leave.Absent;

/** Absences as iCalendar: an event for each stretch of days of a request. */
final class FeedFile {

    private FeedFile() {}

    static String write(List<Absent> absences, WhatIsSeen.Seer seer) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Up Ahead//Absences//EN");
        calendar.setName("Up Ahead");
        for (List<Absent> stretch : stretches(absences)) {
            VEvent event = event(stretch, seer);
            calendar.addEvent(event);
            // one works by the clock of one's own place, wherever that is
            calendar.getTimezoneInfo().setFloating(event.getDateStart(), true);
            calendar.getTimezoneInfo().setFloating(event.getDateEnd(), true);
        }
        return Biweekly.write(calendar).go();
    }

    /** Days of one request that follow each other in the same way. */
    private static List<List<Absent>> stretches(List<Absent> absences) {
        List<List<Absent>> stretches = new ArrayList<>();
        absences.stream()
                .sorted(Comparator.comparing(Absent::requestId).thenComparing(Absent::on))
                .forEach(absent -> {
                    List<Absent> latest = stretches.isEmpty() ? List.of() : stretches.get(stretches.size() - 1);
                    if (latest.isEmpty() || !follows(latest.get(latest.size() - 1), absent)) {
                        stretches.add(new ArrayList<>());
                    }
                    stretches.get(stretches.size() - 1).add(absent);
                });
        return stretches;
    }

    private static boolean follows(Absent one, Absent next) {
        return one.requestId() == next.requestId()
                && one.approved() == next.approved()
                && one.asked() == next.asked()
                && one.between() == null
                && one.on().plusDays(1).equals(next.on());
    }

    private static VEvent event(List<Absent> stretch, WhatIsSeen.Seer seer) {
        Absent first = stretch.get(0);
        VEvent event = new VEvent();
        event.setUid("absence-" + first.requestId() + "-" + first.on() + "@up-ahead");
        event.setSummary(first.person() + ": " + (seer.seesKind(first) ? first.policy() : "away") + part(first));
        if (first.between() == null) {
            event.setDateStart(date(first.on()));
            event.setDateEnd(date(stretch.get(stretch.size() - 1).on().plusDays(1)));
        } else {
            LocalDateTime begins = first.on().atTime(first.between().from());
            event.setDateStart(time(begins));
            event.setDateEnd(time(begins.plusMinutes(first.between().minutes())));
        }
        event.setStatus(first.approved() ? Status.confirmed() : Status.tentative());
        event.setTransparency(Transparency.transparent());
        return event;
    }

    private static String part(Absent absent) {
        return switch (absent.asked()) {
            case WHOLE, TIMES -> "";
            case HALF -> ", half the day";
            case MORNING -> ", in the morning";
            case AFTERNOON -> ", in the afternoon";
            case HOURS -> ", " + absent.hours() + " hours";
        };
    }

    private static ICalDate time(LocalDateTime at) {
        return new ICalDate(
                new DateTimeComponents(
                        at.getYear(), at.getMonthValue(), at.getDayOfMonth(), at.getHour(), at.getMinute(), 0, false),
                true);
    }

    private static ICalDate date(LocalDate day) {
        return new ICalDate(new DateTimeComponents(day.getYear(), day.getMonthValue(), day.getDayOfMonth()), false);
    }
}
