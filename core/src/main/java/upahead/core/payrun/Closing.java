package upahead.core.payrun;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.LedgerLine;
import upahead.core.ledger.LineKind;
import upahead.core.ledger.PlainWords;
import upahead.core.payrun.NewPosting.Sort;
import upahead.core.quantity.Amount;

/**
 * What closing a pay period posts for one account: the derived lines of the new days as they are and, for everything
 * else, the difference between what is now derived and what was posted (calculation contract, "Pay runs and late
 * facts"). Whatever was posted before, the sum of posted lines is then the derived balance.
 */
public final class Closing {

    private Closing() {}

    /**
     * @param derived the ledger, derived at least through the period's last day
     * @param posted everything posted for the account so far, reversals included
     * @param closedThrough the last day of the newest closed period, or nothing before the first close
     * @param period the pay period to close
     * @return corrections first, each in order of the date it is about, then the new lines
     */
    public static List<NewPosting> postings(
            Ledger derived, List<Frozen> posted, Optional<LocalDate> closedThrough, DateSpan period) {
        Map<Spot, Sums> open = net(posted);
        List<NewPosting> fresh = new ArrayList<>();
        Map<Spot, Sums> differences = new TreeMap<>();
        Map<Spot, LedgerLine> lines = new HashMap<>();
        for (LedgerLine line : derived.lines()) {
            if (line.on().isAfter(period.last())) {
                break;
            }
            Spot spot = new Spot(line.on(), line.kind());
            boolean isNew = closedThrough.map(line.on()::isAfter).orElse(true);
            if (isNew && !open.containsKey(spot)) {
                fresh.add(new NewPosting(
                        line.on(),
                        line.on(),
                        Sort.PERIOD,
                        line.kind(),
                        line.amount(),
                        line.withheld(),
                        PlainWords.why(line)));
            } else {
                differences.merge(spot, new Sums(line.amount(), line.withheld()), Sums::plus);
                lines.put(spot, line);
            }
        }
        open.forEach((spot, sums) -> differences.merge(spot, sums.negated(), Sums::plus));
        List<NewPosting> postings = new ArrayList<>();
        differences.forEach((spot, sums) -> {
            if (!sums.isZero()) {
                postings.add(correction(period, spot, sums, lines.get(spot)));
            }
        });
        postings.addAll(fresh);
        return postings;
    }

    /**
     * Where posted and derived figures differ up to a day, in order of time; empty where the posted lines are proved.
     *
     * @param derived the ledger, derived at least through the day
     */
    public static List<Difference> differences(Ledger derived, List<Frozen> posted, LocalDate through) {
        Map<Spot, Sums> differences = new TreeMap<>();
        for (LedgerLine line : derived.lines()) {
            if (line.on().isAfter(through)) {
                break;
            }
            differences.merge(new Spot(line.on(), line.kind()), new Sums(line.amount(), line.withheld()), Sums::plus);
        }
        net(posted).forEach((spot, sums) -> differences.merge(spot, sums.negated(), Sums::plus));
        List<Difference> found = new ArrayList<>();
        differences.forEach((spot, sums) -> {
            if (!sums.isZero()) {
                found.add(new Difference(spot.about(), spot.kind(), sums.amount(), sums.withheld()));
            }
        });
        return found;
    }

    private static NewPosting correction(DateSpan period, Spot spot, Sums sums, LedgerLine now) {
        return new NewPosting(
                period.first(),
                spot.about(),
                Sort.CORRECTION,
                spot.kind(),
                sums.amount(),
                sums.withheld(),
                now == null ? "What was posted no longer applies" : "Now: " + PlainWords.why(now));
    }

    /** What is posted at each spot; spots at which everything was taken back are left out. */
    private static Map<Spot, Sums> net(List<Frozen> posted) {
        Map<Spot, Sums> net = new HashMap<>();
        posted.forEach(line ->
                net.merge(new Spot(line.about(), line.kind()), new Sums(line.amount(), line.withheld()), Sums::plus));
        net.values().removeIf(Sums::isZero);
        return net;
    }

    private record Spot(LocalDate about, LineKind kind) implements Comparable<Spot> {
        private static final Comparator<Spot> ORDER =
                Comparator.comparing(Spot::about).thenComparing(Spot::kind);

        @Override
        public int compareTo(Spot other) {
            return ORDER.compare(this, other);
        }
    }

    private record Sums(Amount amount, Amount withheld) {

        Sums plus(Sums other) {
            return new Sums(amount.plus(other.amount), withheld.plus(other.withheld));
        }

        Sums negated() {
            return new Sums(amount.negated(), withheld.negated());
        }

        boolean isZero() {
            return amount.isZero() && withheld.isZero();
        }
    }
}
