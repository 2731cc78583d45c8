package upahead.core.cards;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import upahead.core.cards.CardFault.Kind;
import upahead.core.cards.Stretch.What;
import upahead.core.hours.Work;
import upahead.core.people.ClockSpan;
import upahead.core.quantity.Amount;

/**
 * What somebody worked on a day, with its breaks.
 *
 * @param stretches in order of time
 */
public record CardDay(List<Stretch> stretches) {

    /** A day on which nothing stands. */
    public static final CardDay EMPTY = new CardDay(List.of());

    private static final Duration A_DAY = Duration.ofHours(24);

    /** How long somebody works without going home; what is longer is two stretches of which an end was forgotten. */
    public static final Duration LONGEST = Duration.ofHours(16);

    public CardDay {
        stretches = stretches.stream().sorted(Comparator.comparing(Stretch::at)).toList();
    }

    /** The time worked: all work without the breaks in it; what is not whole does not count. */
    public Duration worked() {
        return of(What.WORK).stream().map(this::worked).reduce(Duration.ZERO, Duration::plus);
    }

    private Duration worked(Stretch work) {
        Duration worked = work.length();
        for (Stretch rest : of(What.BREAK)) {
            worked = worked.minus(work.shared(rest));
        }
        return worked;
    }

    /** The same in hours, to four decimals. */
    public Amount hours() {
        return ClockSpan.hours(worked());
    }

    /**
     * The hours of each kind, as they were typed. They add up to {@link #hours()}: what rounding leaves is regular, or of
     * the first kind where nothing is regular.
     */
    public Map<String, Amount> hoursByKind() {
        Map<String, Duration> lengths = new LinkedHashMap<>();
        of(What.WORK).forEach(work -> lengths.merge(work.kind(), worked(work), Duration::plus));
        Map<String, Amount> hours = new LinkedHashMap<>();
        lengths.forEach((kind, length) -> hours.put(kind, ClockSpan.hours(length)));
        if (!hours.isEmpty()) {
            String taking = hours.containsKey(Work.REGULAR)
                    ? Work.REGULAR
                    : hours.keySet().iterator().next();
            hours.merge(taking, hours().minus(Amount.sum(hours.values())), Amount::plus);
        }
        hours.values().removeIf(Amount::isZero);
        return hours;
    }

    /** The time between the begin of the first work and the end of the last that was not worked. */
    public Duration rested() {
        Duration rested = Duration.ZERO;
        List<Stretch> work = of(What.WORK).stream().filter(Stretch::isWhole).toList();
        for (int at = 0; at < work.size(); at++) {
            rested = rested.plus(work.get(at).length()).minus(worked(work.get(at)));
            if (at > 0) {
                Duration gap = Duration.between(
                        work.get(at - 1).to().orElseThrow(), work.get(at).from().orElseThrow());
                rested = rested.plus(gap.isNegative() ? Duration.ZERO : gap);
            }
        }
        return rested;
    }

    /** Whether there is anything and nothing of it is wrong. */
    public boolean isFinished() {
        return !stretches.isEmpty() && faults().isEmpty();
    }

    /** What is wrong with it, in order of time. */
    public List<CardFault> faults() {
        List<CardFault> faults = new ArrayList<>();
        for (int at = 0; at < stretches.size(); at++) {
            add(faults, at);
        }
        if (worked().compareTo(A_DAY) > 0) {
            faults.add(new CardFault(Kind.MORE_THAN_A_DAY, stretches.size() - 1));
        }
        return faults;
    }

    private void add(List<CardFault> faults, int at) {
        Stretch stretch = stretches.get(at);
        if (!stretch.isWhole()) {
            faults.add(new CardFault(missing(stretch), at));
            return;
        }
        boolean overlaps = stretches.subList(0, at).stream()
                .anyMatch(before -> before.what() == stretch.what()
                        && !before.shared(stretch).isZero());
        if (overlaps) {
            faults.add(new CardFault(Kind.OVERLAPS, at));
        }
        if (stretch.what() == What.WORK && stretch.length().compareTo(LONGEST) > 0) {
            faults.add(new CardFault(Kind.TOO_LONG, at));
        }
        if (stretch.what() == What.BREAK) {
            of(What.WORK).stream()
                    .filter(work -> work.shared(stretch).equals(stretch.length()))
                    .findFirst()
                    .ifPresentOrElse(
                            work -> {
                                if (work.length().equals(stretch.length())) {
                                    faults.add(new CardFault(Kind.BREAK_TOO_LONG, at));
                                }
                            },
                            () -> faults.add(new CardFault(Kind.BREAK_OUTSIDE_WORK, at)));
        }
    }

    private static Kind missing(Stretch stretch) {
        if (stretch.from().isEmpty()) {
            return Kind.NO_BEGIN;
        }
        return stretch.to().isEmpty() ? Kind.NO_END : Kind.ENDS_TOO_EARLY;
    }

    private List<Stretch> of(What what) {
        return stretches.stream().filter(each -> each.what() == what).toList();
    }
}
