package upahead.server.facts.adjustments;

import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * What is to be said of opening balances.
 *
 * @param rows one for each, in their order
 * @param sums of those that are not wrong, policy by policy, to compare with the totals of what was used before
 */
public record OpeningCheck(List<RowCheck> rows, List<Sum> sums) {

    /** What a row is. */
    public enum State {
        NEW,
        CHANGED,
        SAME,
        WRONG
    }

    /**
     * What is to be said of one.
     *
     * @param says what is wrong, or what is unusual and still can be
     */
    public record RowCheck(State state, List<String> says) {}

    /** The opening balances of a policy together. */
    public record Sum(
            String policy, Unit unit, int people, Amount balance, Amount earnedThisYear, Amount usedThisYear) {}

    long count(State state) {
        return rows.stream().filter(row -> row.state() == state).count();
    }
}
