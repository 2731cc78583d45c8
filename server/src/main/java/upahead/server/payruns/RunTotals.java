package upahead.server.payruns;

import java.util.List;
import java.util.Set;
import upahead.core.ledger.LineKind;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;

/**
 * The figures of an account in a run: opening + earned - used + adjusted - lapsed - paid out + corrections = closing.
 *
 * @param opening posted by earlier runs
 * @param used positive, as are {@code lapsed} and {@code paidOut}
 * @param adjusted by hand, moved, or brought along as an opening balance; signed
 * @param corrections of earlier runs, signed
 * @param withheld in this period
 */
public record RunTotals(
        Amount opening,
        Amount earned,
        Amount used,
        Amount adjusted,
        Amount lapsed,
        Amount paidOut,
        Amount corrections,
        Amount closing,
        Amount withheld) {

    static RunTotals of(AccountPostings postings) {
        List<NewPosting> lines =
                postings.lines().stream().map(CausedPosting::line).toList();
        return new RunTotals(
                postings.opening(),
                total(lines, LineKind.EARNED),
                total(lines, LineKind.TAKEN).negated(),
                total(lines, LineKind.ADJUSTED, LineKind.OPENING),
                total(lines, LineKind.LAPSED).negated(),
                total(lines, LineKind.PAID_OUT).negated(),
                Amount.sum(lines.stream()
                        .filter(NewPosting::isCorrection)
                        .map(NewPosting::amount)
                        .toList()),
                postings.opening()
                        .plus(Amount.sum(lines.stream().map(NewPosting::amount).toList())),
                Amount.sum(lines.stream()
                        .filter(line -> !line.isCorrection())
                        .map(NewPosting::withheld)
                        .toList()));
    }

    /** The lines of the period itself; corrections have a figure of their own. */
    private static Amount total(List<NewPosting> lines, LineKind... kinds) {
        return Amount.sum(lines.stream()
                .filter(line -> Set.of(kinds).contains(line.kind()) && !line.isCorrection())
                .map(NewPosting::amount)
                .toList());
    }
}
