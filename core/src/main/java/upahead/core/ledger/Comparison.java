package upahead.core.ledger;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import upahead.core.policy.Policy;
import upahead.core.quantity.Amount;

/**
 * The rehearsal of a change: the balances of one account under two sets of rules over the same facts.
 *
 * @param days in the order in which they were asked for
 */
public record Comparison(List<Day> days) {

    /**
     * One balance under both sets of rules.
     *
     * @param before under the rules as they are
     * @param after under the other rules
     */
    public record Day(LocalDate on, Amount before, Amount after) {

        /** What the change adds, below zero where it takes away. */
        public Amount difference() {
            return after.minus(before);
        }

        private Day plus(Day other) {
            return new Day(on, before.plus(other.before), after.plus(other.after));
        }
    }

    public Comparison {
        days = List.copyOf(days);
    }

    /**
     * Compares an account with itself under other rules.
     *
     * @param account with its facts forecast through the last of the days
     * @param other the rules to try
     * @param days on which the balances are compared
     */
    public static Comparison of(Account account, Policy other, List<LocalDate> days) {
        LocalDate through = days.stream().max(LocalDate::compareTo).orElse(LocalDate.MIN);
        Derivation.Pair both = Derivation.derive(account, other, through);
        return new Comparison(days.stream()
                .map(day -> new Day(day, both.own().balance(day), both.other().balance(day)))
                .toList());
    }

    /** The sums of many comparisons, in order of time. */
    public static Comparison total(Collection<Comparison> all) {
        Map<LocalDate, Day> sums = new TreeMap<>();
        all.forEach(each -> each.days.forEach(day -> sums.merge(day.on(), day, Day::plus)));
        return new Comparison(List.copyOf(sums.values()));
    }
}
