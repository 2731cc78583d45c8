package upahead.core.cards;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import upahead.core.cards.Stretch.What;
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

    private static final Duration LONGEST = Duration.ofHours(16);

    public CardDay {
        stretches = stretches.stream().sorted(Comparator.comparing(Stretch::at)).toList();
    }

    /**
     * Something about a day that has to be put right before its hours count.
     *
     * @param at of which stretch, from 0 on
     */
    public record Fault(Kind kind, int at) {}

    /** What can be wrong with a stretch. */
    public enum Kind {
        NO_BEGIN,
        NO_END,
        /** It ends before it begins, or lasts no time. */
        ENDS_TOO_EARLY,
        /** It begins before another one of the same sort has ended. */
        OVERLAPS,
        /** Work of more than 16 hours without going home. */
        TOO_LONG,
        /** A break that is not within one stretch of work. */
        BREAK_OUTSIDE_WORK,
        /** A break as long as the work around it. */
        BREAK_TOO_LONG
    }

    /** The time worked: all work without the breaks in it; what is not whole does not count. */
    public Duration worked() {
        Duration worked = Duration.ZERO;
        for (Stretch work : of(What.WORK)) {
            worked = worked.plus(work.length());
            for (Stretch rest : of(What.BREAK)) {
                worked = worked.minus(work.shared(rest));
            }
        }
        return worked;
    }

    /** The same in hours, to four decimals. */
    public Amount hours() {
        return ClockSpan.hours(worked());
    }

    /** Whether there is anything and nothing of it is wrong. */
    public boolean isFinished() {
        return !stretches.isEmpty() && faults().isEmpty();
    }

    /** What is wrong with it, in order of time. */
    public List<Fault> faults() {
        List<Fault> faults = new ArrayList<>();
        for (int at = 0; at < stretches.size(); at++) {
            add(faults, at);
        }
        return faults;
    }

    private void add(List<Fault> faults, int at) {
        Stretch stretch = stretches.get(at);
        if (!stretch.isWhole()) {
            faults.add(new Fault(missing(stretch), at));
            return;
        }
        boolean overlaps = stretches.subList(0, at).stream()
                .anyMatch(before -> before.what() == stretch.what()
                        && !before.shared(stretch).isZero());
        if (overlaps) {
            faults.add(new Fault(Kind.OVERLAPS, at));
        }
        if (stretch.what() == What.WORK && stretch.length().compareTo(LONGEST) > 0) {
            faults.add(new Fault(Kind.TOO_LONG, at));
        }
        if (stretch.what() == What.BREAK) {
            of(What.WORK).stream()
                    .filter(work -> work.shared(stretch).equals(stretch.length()))
                    .findFirst()
                    .ifPresentOrElse(
                            work -> {
                                if (work.length().equals(stretch.length())) {
                                    faults.add(new Fault(Kind.BREAK_TOO_LONG, at));
                                }
                            },
                            () -> faults.add(new Fault(Kind.BREAK_OUTSIDE_WORK, at)));
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
