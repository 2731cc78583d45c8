package upahead.server.holidays;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import upahead.core.calendar.Easter;
import upahead.core.calendar.YearlyHoliday.Observed;
import upahead.server.holidays.RuleForm.Sort;

/**
 * Finds the rule by which a holiday comes, from the days on which it came or comes: on the same date each year, on a
 * weekday of a month, or so many days from Easter. Days that no such rule gives have none.
 */
final class RuleFinder {

    /** A day of one year, and the day on which it is free instead; the same day where it is free itself. */
    record Came(LocalDate on, LocalDate free) {}

    private static final int DAYS_OF_A_WEEK = 7;
    private static final int FROM_THE_FIRST = 4;

    private RuleFinder() {}

    /**
     * @param days one a year, of several years
     */
    static Optional<RuleForm> rule(String name, List<Came> days) {
        Optional<Observed> observed = observed(days);
        if (observed.isEmpty()) {
            return Optional.empty();
        }
        Optional<MonthDay> date = same(days, came -> MonthDay.from(came.on()));
        if (date.isPresent()) {
            return Optional.of(form(name, observed.get(), Sort.FIXED)
                    .on(date.get().getMonthValue(), date.get().getDayOfMonth())
                    .written());
        }
        Optional<Integer> fromEaster = same(days, came ->
                (int) ChronoUnit.DAYS.between(Easter.sunday(came.on().getYear()), came.on()));
        if (fromEaster.isPresent()) {
            return Optional.of(form(name, observed.get(), Sort.AROUND_EASTER)
                    .fromEaster(fromEaster.get())
                    .written());
        }
        return weekday(name, observed.get(), days);
    }

    private static Optional<RuleForm> weekday(String name, Observed observed, List<Came> days) {
        Optional<DayOfWeek> weekday = same(days, came -> came.on().getDayOfWeek());
        Optional<Integer> month = same(days, came -> came.on().getMonthValue());
        if (weekday.isEmpty() || month.isEmpty()) {
            return Optional.empty();
        }
        return same(days, came -> (came.on().getDayOfMonth() - 1) / DAYS_OF_A_WEEK + 1)
                .filter(nth -> nth <= FROM_THE_FIRST)
                .or(() -> days.stream().allMatch(came -> isLast(came.on())) ? Optional.of(-1) : Optional.empty())
                .map(nth -> form(name, observed, Sort.NTH_WEEKDAY)
                        .onWeekday(month.get(), nth, weekday.get())
                        .written());
    }

    private static boolean isLast(LocalDate day) {
        return day.plusDays(DAYS_OF_A_WEEK).getMonth() != day.getMonth();
    }

    /** How it is moved off a weekend; nothing where no such way explains all days. */
    private static Optional<Observed> observed(List<Came> days) {
        return List.of(Observed.values()).stream()
                .filter(way -> days.stream().allMatch(came -> isMoved(way, came)))
                .findFirst();
    }

    private static boolean isMoved(Observed way, Came came) {
        DayOfWeek weekday = came.on().getDayOfWeek();
        long moved = ChronoUnit.DAYS.between(came.on(), came.free());
        if (weekday != DayOfWeek.SATURDAY && weekday != DayOfWeek.SUNDAY) {
            return moved == 0;
        }
        boolean saturday = weekday == DayOfWeek.SATURDAY;
        // a holiday on the next weekday can push it on by a day or two
        return switch (way) {
            case THAT_DAY -> moved == 0;
            case NEAREST_WEEKDAY -> saturday ? moved == -1 : moved >= 1 && moved <= 3;
            case NEXT_WEEKDAY -> moved >= (saturday ? 2 : 1) && moved <= (saturday ? 4 : 3);
            case PREVIOUS_WEEKDAY -> moved <= (saturday ? -1 : -2) && moved >= (saturday ? -3 : -4);
        };
    }

    private static <T> Optional<T> same(List<Came> days, Function<Came, T> figure) {
        Map<T, List<Came>> figures = days.stream().collect(Collectors.groupingBy(figure));
        return figures.size() == 1 ? Optional.of(figures.keySet().iterator().next()) : Optional.empty();
    }

    private static Writing form(String name, Observed observed, Sort sort) {
        return new Writing(name, observed, sort, null, null, null, null, null);
    }

    /** A rule while it is written. */
    private record Writing(
            String name,
            Observed observed,
            Sort sort,
            Integer month,
            Integer day,
            Integer nth,
            DayOfWeek weekday,
            Integer daysFromEaster) {

        Writing on(int inMonth, int dayOfMonth) {
            return new Writing(name, observed, sort, inMonth, dayOfMonth, null, null, null);
        }

        Writing onWeekday(int inMonth, int which, DayOfWeek on) {
            return new Writing(name, observed, sort, inMonth, null, which, on, null);
        }

        Writing fromEaster(int days) {
            return new Writing(name, observed, sort, null, null, null, null, days);
        }

        RuleForm written() {
            return new RuleForm(name, sort, month, day, nth, weekday, daysFromEaster, observed, false, 1);
        }
    }
}
