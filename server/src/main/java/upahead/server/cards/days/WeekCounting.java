package upahead.server.cards.days;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import upahead.core.cards.CardDay;
import upahead.core.cards.OvertimeRules;
import upahead.core.hours.Work;
import upahead.core.quantity.Amount;
import upahead.server.cards.rules.CardRules;
import upahead.server.facts.hours.RecordedDay;

/**
 * Counts the hours that the times of a week make, by the rules of the pay group on its first day that is counted. A week
 * runs from Monday to Sunday; hours that were given without times count in it as they are.
 */
final class WeekCounting {

    private final WorkingLife life;
    private final Map<LocalDate, TimedDay> timed;
    private final Map<LocalDate, List<RecordedDay>> recorded;

    WeekCounting(WorkingLife life, Map<LocalDate, TimedDay> timed, Map<LocalDate, List<RecordedDay>> recorded) {
        this.life = life;
        this.timed = timed;
        this.recorded = recorded;
    }

    static LocalDate monday(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    /**
     * The hours of the days with times from a day to the end of its week; of one that must be mended, none. What stands
     * before that day is not counted again.
     */
    Map<LocalDate, List<Work>> from(LocalDate first) {
        LocalDate monday = monday(first);
        CardRules rules = life.rules(first);
        List<OvertimeRules.Day> week = new ArrayList<>();
        Map<LocalDate, List<Work>> counted = new HashMap<>();
        for (LocalDate day = monday; day.isBefore(monday.plusWeeks(1)); day = day.plusDays(1)) {
            CardDay times = times(day);
            boolean isCounted = !day.isBefore(first) && !times.stretches().isEmpty();
            if (isCounted) {
                counted.put(day, new ArrayList<>());
            }
            week.add(new OvertimeRules.Day(
                    day,
                    life.capacity(day).isZero(),
                    !isCounted,
                    isCounted ? hours(day, times, rules) : recordedHours(day)));
        }
        for (Work work : new OvertimeRules(rules.overtime()).of(week)) {
            if (counted.containsKey(work.on())) {
                counted.get(work.on()).add(work);
            }
        }
        return counted;
    }

    private Map<String, Amount> hours(LocalDate day, CardDay times, CardRules rules) {
        boolean finished = CardChecks.mustBeMended(life, day, times, times(day.minusDays(1)))
                .isEmpty();
        return finished ? rules.rounding().of(times).hoursByKind() : Map.of();
    }

    private Map<String, Amount> recordedHours(LocalDate day) {
        Map<String, Amount> hours = new HashMap<>();
        recorded.getOrDefault(day, List.of()).forEach(each -> hours.put(each.kind(), each.hours()));
        return hours;
    }

    private CardDay times(LocalDate day) {
        TimedDay stored = timed.get(day);
        return stored == null ? CardDay.EMPTY : stored.times();
    }
}
