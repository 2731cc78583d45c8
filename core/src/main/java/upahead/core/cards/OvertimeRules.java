package upahead.core.cards;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import upahead.core.cards.Overtime.Over;
import upahead.core.hours.Work;
import upahead.core.quantity.Amount;

/**
 * Makes regular hours overtime, a week at a time. On a day off the rule for it takes all of them. Else what is over the
 * hours of a day goes first, over the highest figure first; of what is left, what is over the hours of the week, counted
 * from its first day on. Hours of other kinds stay what they are and count towards nothing. What comes out adds up to what
 * went in.
 *
 * @param rules in any order; of several over the same figure the first counts
 */
public record OvertimeRules(List<Overtime> rules) {

    public OvertimeRules {
        rules = List.copyOf(rules);
    }

    /**
     * The hours of a day before any rule.
     *
     * @param isDayOff whether it is off the schedule or a holiday
     * @param isSettled whether its kinds were given as they are, so that no rule changes them; they count in the week
     * @param hours by kind, each at least 0
     */
    public record Day(LocalDate on, boolean isDayOff, boolean isSettled, Map<String, Amount> hours) {

        Amount regular() {
            return hours.getOrDefault(Work.REGULAR, Amount.ZERO);
        }
    }

    /**
     * The hours of a week by its days and their kinds, each above 0.
     *
     * @param week in order of time
     */
    public List<Work> of(List<Day> week) {
        List<Work> split = new ArrayList<>();
        Amount soFar = Amount.ZERO;
        for (Day day : week) {
            if (day.isSettled()) {
                add(split, day.on(), day.hours());
                soFar = soFar.plus(day.regular());
                continue;
            }
            Map<String, Amount> hours = new LinkedHashMap<>(day.hours());
            Amount left = day.regular();
            if (day.isDayOff()) {
                left = over(Over.DAY_OFF, left, Amount.ZERO, hours);
            }
            left = over(Over.DAY, left, Amount.ZERO, hours);
            left = over(Over.WEEK, left, soFar, hours);
            soFar = soFar.plus(left);
            hours.put(Work.REGULAR, left);
            add(split, day.on(), hours);
        }
        return split;
    }

    private static void add(List<Work> split, LocalDate on, Map<String, Amount> hours) {
        hours.forEach((kind, amount) -> {
            if (amount.isPositive()) {
                split.add(new Work(on, kind, amount));
            }
        });
    }

    /** Takes from what is left what is over the figures of some rules; tells what then is left. */
    private Amount over(Over over, Amount regular, Amount before, Map<String, Amount> hours) {
        Amount left = regular;
        for (Overtime rule : highestFirst(over)) {
            Amount limit = over == Over.DAY_OFF ? Amount.ZERO : rule.hours();
            Amount taken = before.plus(left).minus(limit).floorAtZero().min(left);
            if (taken.isPositive() && !rule.kind().equals(Work.REGULAR)) {
                hours.merge(rule.kind(), taken, Amount::plus);
                left = left.minus(taken);
            }
        }
        return left;
    }

    private List<Overtime> highestFirst(Over over) {
        List<Overtime> some = new ArrayList<>(
                rules.stream().filter(rule -> rule.over() == over).toList());
        some.sort(Comparator.comparing(Overtime::hours).reversed());
        return some;
    }
}
