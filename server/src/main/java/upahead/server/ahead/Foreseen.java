package upahead.server.ahead;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.accounts.AheadView.What;
import upahead.server.platform.words.Words;

/**
 * The same that is about to happen to several balances of one policy: on one day, or where each has a day of its own,
 * within the days looked at.
 *
 * @param through the last day on which it happens
 * @param amount of all together, null where it is about no amount that adds up
 * @param says one plain sentence
 * @param lines how many balances it is about
 */
record Foreseen(
        What what,
        long policyId,
        String policy,
        Unit unit,
        LocalDate on,
        LocalDate through,
        @Nullable Amount amount,
        String says,
        int lines) {

    /** What happens to many on a day of the policy or the year; the others have days of their own. */
    private static final Set<What> ON_ONE_DAY =
            Set.of(What.LAPSE, What.PAY_OUT, What.GRANT, What.YEAR_ENDS, What.TERMS_CHANGE);

    private static final Set<What> ADDING_UP = Set.of(
            What.LAPSE, What.PAY_OUT, What.GRANT, What.YEAR_ENDS, What.WITHHELD, What.USE_BEGINS, What.BELOW_ZERO);

    private static final Comparator<ForeseenRow> LARGEST_FIRST = Comparator.comparing(
                    ForeseenRow::amount,
                    Comparator.nullsLast(Comparator.comparing(Amount::abs, Comparator.reverseOrder())))
            .thenComparing(ForeseenRow::person);

    private record Alike(What what, long policyId, @Nullable LocalDate on) {

        static Alike of(ForeseenRow row) {
            return of(row.what(), row.policyId(), row.on());
        }

        static Alike of(What what, long policyId, LocalDate on) {
            return new Alike(what, policyId, ON_ONE_DAY.contains(what) ? on : null);
        }
    }

    /** In order of time. */
    static List<Foreseen> together(List<ForeseenRow> rows) {
        Map<Alike, List<ForeseenRow>> alike = new LinkedHashMap<>();
        rows.forEach(row -> alike.computeIfAbsent(Alike.of(row), unused -> new ArrayList<>())
                .add(row));
        return alike.values().stream()
                .map(Foreseen::of)
                .sorted(Comparator.comparing(Foreseen::on)
                        .thenComparing(Foreseen::policy)
                        .thenComparing(Foreseen::what))
                .toList();
    }

    /**
     * The balances of one of them, the largest amount first.
     *
     * @param on its day; of what has a day of its own for each, any
     */
    static List<ForeseenRow> linesOf(List<ForeseenRow> rows, What what, long policyId, LocalDate on) {
        Alike wanted = Alike.of(what, policyId, on);
        return rows.stream()
                .filter(row -> Alike.of(row).equals(wanted))
                .sorted(LARGEST_FIRST)
                .toList();
    }

    private static Foreseen of(List<ForeseenRow> rows) {
        ForeseenRow first = rows.get(0);
        LocalDate on =
                rows.stream().map(ForeseenRow::on).min(LocalDate::compareTo).orElseThrow();
        LocalDate through =
                rows.stream().map(ForeseenRow::on).max(LocalDate::compareTo).orElseThrow();
        Amount amount = ADDING_UP.contains(first.what())
                ? Amount.sum(rows.stream()
                        .map(ForeseenRow::amount)
                        .filter(Objects::nonNull)
                        .toList())
                : null;
        return new Foreseen(
                first.what(),
                first.policyId(),
                first.policy(),
                first.unit(),
                on,
                through,
                amount,
                says(first, rows.stream().map(ForeseenRow::personId).distinct().count(), amount, on, through),
                rows.size());
    }

    private static String says(ForeseenRow first, long people, Amount sum, LocalDate on, LocalDate through) {
        boolean one = people == 1;
        String who = one ? first.person() : people + " people";
        String amount = sum == null ? "" : Words.amount(sum, first.unit());
        String when = on.equals(through)
                ? " on " + Words.fullDay(on)
                : " from " + Words.fullDay(on) + " to " + Words.fullDay(through);
        return who
                + switch (first.what()) {
                    case LAPSE -> (one ? " loses " : " lose ") + amount + when;
                    case PAY_OUT -> (one ? " is paid " : " are paid ") + amount + " out" + when;
                    case GRANT -> (one ? " is granted " : " are granted ") + amount + when;
                    case YEAR_ENDS ->
                        (one ? " begins" : " begin") + " a new benefit year" + when + " with " + amount
                                + " carried over";
                    case WITHHELD -> (one ? " has " : " have ") + amount + " of earning withheld by a limit" + when;
                    case LIMIT_REACHED -> (one ? " reaches" : " reach") + " a limit" + when;
                    case EARNING_BEGINS -> (one ? " ends" : " end") + " the wait before earning" + when;
                    case USE_BEGINS ->
                        (one ? " ends" : " end") + " the wait before use" + when + ", with " + amount + " by then";
                    case TENURE_STEP -> (one ? " reaches" : " reach") + " more years of service" + when;
                    case BELOW_ZERO ->
                        (one ? " goes" : " go") + " below zero" + when + ", to " + amount + (one ? "" : " together");
                    case TERMS_CHANGE -> (one ? " gets" : " get") + " other terms" + when;
                };
    }
}
