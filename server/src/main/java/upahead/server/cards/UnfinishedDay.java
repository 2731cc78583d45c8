package upahead.server.cards;

import java.time.LocalDate;
import java.util.List;
import upahead.server.cards.days.CardRemark;

/**
 * A day of somebody's card that is not finished, and why.
 *
 * @param remarks not empty
 */
public record UnfinishedDay(LocalDate on, List<CardRemark> remarks) {

    /** Whether nothing stands there at all. */
    public boolean isEmpty() {
        return remarks.stream().allMatch(remark -> remark.kind() == CardRemark.Kind.NOTHING_THERE);
    }
}
