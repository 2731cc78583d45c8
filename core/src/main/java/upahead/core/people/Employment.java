package upahead.core.people;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.Timeline;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

/**
 * What an employment says about earning and using leave.
 *
 * @param hired the first day of employment
 * @param leaves the last day of employment, or nothing while none is set
 * @param serviceFrom the day from which years of service count
 * @param fte full-time equivalent by date, each at least 0; 1 before its first entry
 * @param schedule scheduled hours by date; before its first entry every day is a day off
 * @param pauses days on which nothing is earned by time and nothing is scheduled
 */
public record Employment(
        LocalDate hired,
        Optional<LocalDate> leaves,
        LocalDate serviceFrom,
        Timeline<Amount> fte,
        Timeline<WeeklySchedule> schedule,
        List<DateSpan> pauses) {

    /**
     * @throws IllegalArgumentException if the last day is before the hire date
     */
    public Employment {
        Objects.requireNonNull(serviceFrom, "serviceFrom");
        if (leaves.isPresent() && leaves.get().isBefore(hired)) {
            throw new IllegalArgumentException("the last day " + leaves.get() + " is before the hire date " + hired);
        }
        pauses = List.copyOf(pauses);
    }

    /** An employment without end, full-time, on one schedule. */
    public static Employment simple(LocalDate hired, WeeklySchedule schedule) {
        return new Employment(
                hired, Optional.empty(), hired, Timeline.empty(), Timeline.from(hired, schedule), List.of());
    }

    /** Whether a day is neither before the hire date nor after the last day; a pause is employment, too. */
    public boolean isEmployedOn(LocalDate day) {
        return !day.isBefore(hired) && leaves.map(last -> !day.isAfter(last)).orElse(true);
    }

    /** Whether a day lies in a pause, its first and last day included. */
    public boolean isPausedOn(LocalDate day) {
        for (DateSpan pause : pauses) {
            if (pause.contains(day)) {
                return true;
            }
        }
        return false;
    }

    /** The stretches of some days that lie in no pause, in order of time. */
    public List<DateSpan> withoutPauses(DateSpan days) {
        List<DateSpan> stretches = List.of(days);
        for (DateSpan pause : pauses) {
            stretches = stretches.stream()
                    .flatMap(stretch -> stretch.without(pause).stream())
                    .toList();
        }
        return stretches;
    }

    /** The full-time equivalent averaged over the days of some stretches, of which there is at least one. */
    public Fraction averageFte(List<DateSpan> stretches) {
        return average(fte, value -> value, Amount.ONE, stretches);
    }

    /**
     * A figure averaged over the calendar days of some stretches.
     *
     * @param figures what changes on dates
     * @param figure reads the figure of one entry
     * @param before the figure of days before the first entry
     * @param stretches at least one, none overlapping another
     */
    public static <T> Fraction average(
            Timeline<T> figures, Function<T, Amount> figure, Amount before, List<DateSpan> stretches) {
        if (stretches.size() == 1) {
            // nearly always one figure holds all the time, and no days need to be counted
            List<Timeline.Stretch<T>> all = figures.within(stretches.get(0));
            if (all.isEmpty()) {
                return Fraction.of(before);
            }
            if (all.get(0).days().equals(stretches.get(0))) {
                return Fraction.of(figure.apply(all.get(0).value()));
            }
        }
        Amount sum = Amount.ZERO;
        for (DateSpan stretch : stretches) {
            long without = stretch.days();
            for (Timeline.Stretch<T> entry : figures.within(stretch)) {
                long length = entry.days().days();
                sum = sum.plus(figure.apply(entry.value()).times(Amount.of(length)));
                without -= length;
            }
            sum = sum.plus(before.times(Amount.of(without)));
        }
        return Fraction.of(sum).times(Fraction.of(1, DateSpan.days(stretches)));
    }

    /** The full-time equivalent of a day, at least 0; 1 before the first entry. */
    public Amount fteOn(LocalDate day) {
        return fte.on(day).orElse(Amount.ONE);
    }

    /** The scheduled hours of a day, holidays not minded: 0 on days off, in a pause and outside the employment. */
    public Amount scheduledHours(LocalDate day) {
        if (!isEmployedOn(day) || isPausedOn(day)) {
            return Amount.ZERO;
        }
        return schedule.on(day).map(week -> week.on(day.getDayOfWeek())).orElse(Amount.ZERO);
    }

    /** The largest n with service date + n years not after the day; 0 before the first anniversary. */
    public int completedYears(LocalDate day) {
        int years = Math.max(0, day.getYear() - serviceFrom.getYear());
        return years > 0 && serviceFrom.plusYears(years).isAfter(day) ? years - 1 : years;
    }
}
