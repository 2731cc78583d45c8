package upahead.core.payrun;

import java.time.LocalDate;
import upahead.core.ledger.LineKind;
import upahead.core.quantity.Amount;

/**
 * A line that a close is to post.
 *
 * @param on the date it is posted on
 * @param about the date it is about, before {@code on} for a correction
 * @param correction whether it corrects what an earlier close posted
 * @param kind what it is
 * @param amount signed
 * @param withheld at least 0
 * @param why one plain sentence
 */
public record NewPosting(
        LocalDate on, LocalDate about, boolean correction, LineKind kind, Amount amount, Amount withheld, String why) {}
