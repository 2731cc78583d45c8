package upahead.core.facts;

import java.util.Comparator;
import java.util.List;
import upahead.core.hours.WorkLog;
import upahead.core.leave.Taken;

/**
 * What happened to one person that matters to one policy. The order in which facts are given does not matter.
 *
 * @param work hours worked
 * @param paidLeave hours of paid leave of all policies, as work of no particular kind
 * @param awardedHolidays paid hours awarded for extra days, which count where paid holidays do
 * @param taken leave taken under this policy
 * @param adjustments of this balance
 * @param openings of this balance, at most one a date
 */
public record Facts(
        WorkLog work,
        WorkLog paidLeave,
        WorkLog awardedHolidays,
        List<Taken> taken,
        List<Adjustment> adjustments,
        List<OpeningBalance> openings) {

    public static final Facts NONE =
            new Facts(WorkLog.EMPTY, WorkLog.EMPTY, WorkLog.EMPTY, List.of(), List.of(), List.of());

    /**
     * @throws IllegalArgumentException if two opening balances have the same date
     */
    public Facts {
        taken = taken.stream()
                .sorted(Comparator.comparing(Taken::on).thenComparing(Taken::amount))
                .toList();
        adjustments = adjustments.stream()
                .sorted(Comparator.comparing(Adjustment::on)
                        .thenComparing(adjustment -> adjustment.amount().isNegative())
                        .thenComparing(adjustment -> adjustment.amount().abs(), Comparator.reverseOrder())
                        .thenComparing(Adjustment::reason))
                .toList();
        openings = openings.stream()
                .sorted(Comparator.comparing(OpeningBalance::on))
                .toList();
        if (openings.stream().map(OpeningBalance::on).distinct().count() < openings.size()) {
            throw new IllegalArgumentException("there are two opening balances on one date");
        }
    }

    /** The same but other hours worked. */
    public Facts withWork(WorkLog other) {
        return new Facts(other, paidLeave, awardedHolidays, taken, adjustments, openings);
    }

    /** The same but other adjustments, in any order. */
    public Facts withAdjustments(List<Adjustment> other) {
        return new Facts(work, paidLeave, awardedHolidays, taken, other, openings);
    }

    /** The same but other leave, in any order. */
    public Facts withTaken(List<Taken> other) {
        return new Facts(work, paidLeave, awardedHolidays, other, adjustments, openings);
    }
}
