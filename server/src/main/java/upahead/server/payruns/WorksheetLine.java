package upahead.server.payruns;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.ledger.LineKind;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.server.periods.LateChange;

/**
 * A line that a run freezes or has frozen, for the eye.
 *
 * @param on the date it is posted on
 * @param about the date it is about
 * @param amount signed
 * @param withheld signed on a correction or a reversal
 * @param cause the late change behind a correction, null for any other line
 */
public record WorksheetLine(
        LocalDate on,
        LocalDate about,
        NewPosting.Sort sort,
        LineKind kind,
        Amount amount,
        Amount withheld,
        String why,
        @Nullable LateChange cause) {

    static WorksheetLine of(CausedPosting posting) {
        NewPosting line = posting.line();
        return new WorksheetLine(
                line.on(),
                line.about(),
                line.sort(),
                line.kind(),
                line.amount(),
                line.withheld(),
                line.why(),
                posting.cause());
    }
}
