package upahead.core.hours;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;

/**
 * The schedule of one person with the holidays taken out.
 *
 * @param employment gives the scheduled hours
 * @param holidays gives the days that are free, whole or half
 */
public record WorkingDays(Employment employment, HolidayCalendar holidays) {

    private static final Amount HALF = Amount.of("0.5");

    /** The hours to be worked on a day: its scheduled hours, half of them on half a holiday, none on a whole one. */
    public Amount hoursOn(LocalDate day) {
        Amount scheduled = employment.scheduledHours(day);
        return scheduled.isZero() ? scheduled : scheduled.minus(holidayHours(day));
    }

    /** The scheduled hours of a day that a holiday sets free. */
    public Amount holidayHours(LocalDate day) {
        return holidays.on(day)
                .map(holiday ->
                        holiday.half() ? employment.scheduledHours(day).times(HALF) : employment.scheduledHours(day))
                .orElse(Amount.ZERO);
    }

    /** The days within a span on which there are hours to be worked, in order of time. */
    public Stream<LocalDate> within(DateSpan span) {
        return span.dates().filter(day -> hoursOn(day).isPositive());
    }

    /**
     * Work as scheduled: on each working day its hours less the day's leave, never below 0.
     *
     * @param leaveHours hours of leave by date
     */
    public List<Work> scheduledWork(DateSpan span, Map<LocalDate, Amount> leaveHours) {
        List<Work> work = new ArrayList<>();
        for (LocalDate day = span.first(); !day.isAfter(span.last()); day = day.plusDays(1)) {
            Amount hours = hoursOn(day);
            if (hours.isPositive()) {
                hours = hours.minus(leaveHours.getOrDefault(day, Amount.ZERO));
            }
            if (hours.isPositive()) {
                work.add(new Work(day, Work.REGULAR, hours));
            }
        }
        return work;
    }
}
