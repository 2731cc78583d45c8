package upahead.core.payrun;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.LedgerLine;
import upahead.core.ledger.LineKind;
import upahead.core.ledger.PlainWords;
import upahead.core.quantity.Amount;

/**
 * What closing a pay period posts for one account: the derived lines of the new days as they are and, for the days
 * closed before, the difference between what is now derived and what was posted.
 */
public final class Closing {

    private Closing() {}

    /**
     * @param derived the ledger, derived at least through the period's last day
     * @param posted everything posted for the account so far
     * @param closedThrough the last day of the newest closed period, or nothing before the first close
     * @param period the pay period to close
     * @return corrections first, each in order of the date it is about, then the new lines
     */
    public static List<NewPosting> postings(
            Ledger derived, List<Frozen> posted, Optional<LocalDate> closedThrough, DateSpan period) {
        List<NewPosting> postings = new ArrayList<>(corrections(derived, posted, closedThrough, period));
        for (LedgerLine line : derived.lines()) {
            if (!line.on().isAfter(period.last())
                    && closedThrough.map(line.on()::isAfter).orElse(true)) {
                postings.add(new NewPosting(
                        line.on(),
                        line.on(),
                        false,
                        line.kind(),
                        line.amount(),
                        line.withheld(),
                        PlainWords.why(line)));
            }
        }
        return postings;
    }

    private record Spot(LocalDate about, LineKind kind) implements Comparable<Spot> {
        private static final Comparator<Spot> ORDER =
                Comparator.comparing(Spot::about).thenComparing(Spot::kind);

        @Override
        public int compareTo(Spot other) {
            return ORDER.compare(this, other);
        }
    }

    private static List<NewPosting> corrections(
            Ledger derived, List<Frozen> posted, Optional<LocalDate> closedThrough, DateSpan period) {
        if (closedThrough.isEmpty()) {
            return List.of();
        }
        Map<Spot, Amount> differences = new TreeMap<>();
        Map<Spot, String> reasons = new TreeMap<>();
        for (LedgerLine line : derived.lines()) {
            if (!line.on().isAfter(closedThrough.get())) {
                Spot spot = new Spot(line.on(), line.kind());
                differences.merge(spot, line.amount(), Amount::plus);
                reasons.put(spot, PlainWords.why(line));
            }
        }
        posted.forEach(line -> differences.merge(
                new Spot(line.about(), line.kind()), line.amount().negated(), Amount::plus));
        List<NewPosting> corrections = new ArrayList<>();
        differences.forEach((spot, difference) -> {
            if (!difference.isZero()) {
                String now = Optional.ofNullable(reasons.get(spot))
                        .map(reason -> "Late change; now: " + reason)
                        .orElse("Late change; what was posted no longer applies");
                corrections.add(
                        new NewPosting(period.first(), spot.about(), true, spot.kind(), difference, Amount.ZERO, now));
            }
        });
        return corrections;
    }
}
