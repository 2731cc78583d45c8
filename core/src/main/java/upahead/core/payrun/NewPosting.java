package upahead.core.payrun;

import java.time.LocalDate;
import upahead.core.ledger.LineKind;
import upahead.core.quantity.Amount;

/**
 * A line that a close or its undoing is to post.
 *
 * @param on the date it is posted on
 * @param about the date it is about, another than {@code on} for a correction
 * @param sort why it is posted
 * @param kind what it is
 * @param amount signed
 * @param withheld at least 0 on a line of its own period; signed on a correction or a reversal
 * @param why one plain sentence
 */
public record NewPosting(
        LocalDate on, LocalDate about, Sort sort, LineKind kind, Amount amount, Amount withheld, String why) {

    /** Why a line is posted. */
    public enum Sort {
        /** A derived line of the period, as it is. */
        PERIOD,
        /** The difference that a late fact makes to what was posted before. */
        CORRECTION,
        /** Takes back a line of a close that is undone. */
        REVERSAL
    }

    /** Whether a late fact made it. */
    public boolean isCorrection() {
        return sort == Sort.CORRECTION;
    }

    /** This line with what caused it said first. */
    public NewPosting because(String cause) {
        return new NewPosting(on, about, sort, kind, amount, withheld, cause + ". " + why);
    }

    /** The line that takes this one back. */
    public NewPosting reversed(String reason) {
        return new NewPosting(
                on, about, Sort.REVERSAL, kind, amount.negated(), withheld.negated(), "Close undone: " + reason);
    }

    /** The line as later closes read it. */
    public Frozen frozen() {
        return new Frozen(about, kind, amount, withheld);
    }
}
