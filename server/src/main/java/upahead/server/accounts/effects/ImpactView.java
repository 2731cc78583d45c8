package upahead.server.accounts.effects;

import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;

/**
 * A part of what a draft changes.
 *
 * @param people how many it covers altogether
 * @param days on which balances are compared: the draft's first day, the last of that benefit year, and a year on
 * @param corrects the closed periods whose figures the next runs would correct
 * @param rows of the people of this part
 */
public record ImpactView(int people, List<LocalDate> days, List<ClosedPeriods> corrects, List<ImpactRow> rows) {

    /**
     * Closed runs of a pay group that posted something from the draft's first day on.
     *
     * @param first the first day of the earliest
     * @param last the last day of the newest
     */
    public record ClosedPeriods(String payGroup, int runs, LocalDate first, LocalDate last) {}

    /**
     * One person's balances under both sets of rules.
     *
     * @param enrolled whether they are enrolled in the policy today
     * @param before on each of the days, 0 for somebody who is not enrolled
     * @param after on each of the days
     */
    public record ImpactRow(
            long personId, String person, String team, boolean enrolled, List<Amount> before, List<Amount> after) {}
}
