package upahead.core.payrun;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
                open.merge(spot, Sums.taken(line), Sums::plus);
                lines.put(spot, line);
            }
        }
        List<NewPosting> postings = new ArrayList<>();
        differing(open)
                .forEach(spot ->
                        postings.add(correction(period, spot, open.get(spot).negated(), lines.get(spot))));
        postings.addAll(fresh);
        return postings;
    }

    /**
     * Where posted and derived figures differ up to a day, in order of time; empty where the posted lines are proved.
     *
     * @param derived the ledger, derived at least through the day
     */
    public static List<Difference> differences(Ledger derived, List<Frozen> posted, LocalDate through) {
        Map<Spot, Sums> open = net(posted);
        for (LedgerLine line : derived.lines()) {
            if (line.on().isAfter(through)) {
                break;
            }
            open.merge(new Spot(line.on(), line.kind()), Sums.taken(line), Sums::plus);
        }
        return differing(open).stream()
                .map(spot -> {
                    Sums difference = open.get(spot).negated();
                    return new Difference(spot.about(), spot.kind(), difference.amount(), difference.withheld());
                })
                .toList();
    }

    /** Where something is left of what was posted less what is derived, in order of time. */
    private static List<Spot> differing(Map<Spot, Sums> open) {
        List<Spot> differing = new ArrayList<>();
        open.forEach((spot, sums) -> {
            if (!sums.isZero()) {
                differing.add(spot);
            }
        });
        Collections.sort(differing);
        return differing;
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

        /** What takes a derived line away from what was posted. */
        static Sums taken(LedgerLine line) {
            return new Sums(line.amount().negated(), line.withheld().negated());
        }

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
