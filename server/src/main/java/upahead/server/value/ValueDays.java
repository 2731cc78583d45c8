package upahead.server.value;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.TreeSet;
import upahead.server.platform.problems.Refusal;

/**
 * The days of a question about worth.
 *
 * @param asOf the day itself
 * @param since the end of this day is what it is compared with; before the day itself
 * @param series the days of the picture, in order of time: ends of months from the one to the year's end after the other
 */
public record ValueDays(LocalDate asOf, LocalDate since, List<LocalDate> series) {

    private static final int MOST_YEARS = 10;
    private static final int MOST_POINTS = 36;

    /**
     * @param since null for the end of the year before
     * @throws Refusal if it is not before the day, or more than ten years before it
     */
    public static ValueDays of(LocalDate asOf, LocalDate since) {
        LocalDate before = since == null ? asOf.withDayOfYear(1).minusDays(1) : since;
        if (!before.isBefore(asOf)) {
            throw Refusal.of("since", "The day it is compared with comes before the day itself.");
        }
        if (before.isBefore(asOf.minusYears(MOST_YEARS))) {
            throw Refusal.of("since", "What leave is worth is compared over at most " + MOST_YEARS + " years.");
        }
        return new ValueDays(asOf, before, series(before, asOf));
    }

    private static List<LocalDate> series(LocalDate since, LocalDate asOf) {
        LocalDate last = asOf.with(TemporalAdjusters.lastDayOfYear());
        int step = 1 + (int) (ChronoUnit.MONTHS.between(since, last) / MOST_POINTS);
        TreeSet<LocalDate> days = new TreeSet<>(List.of(since, asOf, last));
        for (LocalDate month = since.plusMonths(step); month.isBefore(last); month = month.plusMonths(step)) {
            days.add(month.with(TemporalAdjusters.lastDayOfMonth()));
        }
        days.removeIf(day -> day.isAfter(last));
        return List.copyOf(days);
    }

    /** The latest day of which something has to be known. */
    LocalDate last() {
        return series.get(series.size() - 1);
    }
}
