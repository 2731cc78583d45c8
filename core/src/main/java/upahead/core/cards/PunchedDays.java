package upahead.core.cards;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import upahead.core.cards.Stretch.What;
import upahead.core.hours.Work;

/**
 * Makes days of punches. It depends on which punches there are and not on when or how often each was heard of: one that
 * arrives late or twice finds the place that it would have had.
 */
public final class PunchedDays {

    private final ZoneId zone;
    private final Map<LocalDate, List<Stretch>> days = new TreeMap<>();
    private Instant came;
    private Instant rests;
    private Instant went;
    private final List<Stretch> breaks = new ArrayList<>();

    private PunchedDays(ZoneId zone) {
        this.zone = zone;
    }

    /**
     * The days of one person's punches. Work belongs to the day on which it begins, and an end without a begin to its own;
     * an end more than 16 hours after the begin belongs to another begin, which is missing. The same said twice within
     * one minute is once.
     *
     * @param punches in any order
     * @param zone of the place at which somebody works
     */
    public static Map<LocalDate, CardDay> of(Collection<Punch> punches, ZoneId zone) {
        PunchedDays reader = new PunchedDays(zone);
        TreeSet<Punch> inOrder = new TreeSet<>(Punch.ORDER);
        inOrder.addAll(punches);
        inOrder.forEach(reader::take);
        reader.leave(Optional.empty());
        Map<LocalDate, CardDay> days = new TreeMap<>();
        reader.days.forEach((on, stretches) -> days.put(on, new CardDay(stretches)));
        return days;
    }

    private void take(Punch punch) {
        if (came != null && punch.at().isAfter(came.plus(CardDay.LONGEST))) {
            leave(Optional.empty());
        }
        switch (punch.kind()) {
            case IN -> {
                leave(Optional.empty());
                came = punch.at();
            }
            case OUT -> {
                if (came != null) {
                    leave(Optional.of(punch.at()));
                    went = punch.at();
                } else if (!punch.at().equals(went)) {
                    add(punch.at(), new Stretch(What.WORK, Work.REGULAR, Optional.empty(), Optional.of(punch.at())));
                }
            }
            default -> rest(punch.at());
        }
    }

    private void rest(Instant at) {
        if (came == null) {
            add(at, new Stretch(What.BREAK, Work.REGULAR, Optional.of(at), Optional.empty()));
        } else if (rests == null) {
            rests = at;
        } else {
            if (!at.equals(rests)) {
                breaks.add(Stretch.of(What.BREAK, rests, at));
            }
            rests = null;
        }
    }

    private void leave(Optional<Instant> at) {
        if (came == null) {
            return;
        }
        if (rests != null) {
            breaks.add(new Stretch(What.BREAK, Work.REGULAR, Optional.of(rests), Optional.empty()));
        }
        Instant began = came;
        add(began, new Stretch(What.WORK, Work.REGULAR, Optional.of(began), at));
        breaks.forEach(rest -> add(began, rest));
        breaks.clear();
        came = null;
        rests = null;
    }

    private void add(Instant at, Stretch stretch) {
        days.computeIfAbsent(at.atZone(zone).toLocalDate(), unused -> new ArrayList<>())
                .add(stretch);
    }

    /**
     * A punch on a day that somebody has changed by hand: it closes what is open or begins what can begin, and changes
     * nothing of what was typed.
     *
     * @return nothing where it has no place on that day
     */
    public static Optional<CardDay> onto(CardDay typed, Punch punch) {
        Optional<Stretch> work = openBefore(typed, What.WORK, punch.at());
        Optional<Stretch> rest = openBefore(typed, What.BREAK, punch.at());
        return switch (punch.kind()) {
            case IN ->
                work.isEmpty() && endsBy(typed, punch.at())
                        ? Optional.of(with(typed, begun(What.WORK, punch.at())))
                        : Optional.empty();
            case OUT -> work.map(open -> closed(typed, open, punch.at()));
            case BREAK ->
                rest.isPresent()
                        ? rest.map(open -> closed(typed, open, punch.at()))
                        : work.map(open -> with(typed, begun(What.BREAK, punch.at())));
        };
    }

    private static Optional<Stretch> openBefore(CardDay day, What what, Instant at) {
        return day.stretches().stream()
                .filter(each -> each.what() == what && each.to().isEmpty())
                .filter(each -> each.at().isBefore(at) && !at.isAfter(each.at().plus(CardDay.LONGEST)))
                .reduce((earlier, later) -> later);
    }

    private static boolean endsBy(CardDay day, Instant at) {
        return day.stretches().stream()
                .allMatch(each -> !each.to().orElse(each.at()).isAfter(at));
    }

    private static Stretch begun(What what, Instant at) {
        return new Stretch(what, Work.REGULAR, Optional.of(at), Optional.empty());
    }

    private static CardDay with(CardDay day, Stretch stretch) {
        List<Stretch> stretches = new ArrayList<>(day.stretches());
        stretches.add(stretch);
        return new CardDay(stretches);
    }

    private static CardDay closed(CardDay day, Stretch open, Instant at) {
        return new CardDay(day.stretches().stream()
                .map(each -> each.equals(open) ? each.at(each.from(), Optional.of(at)) : each)
                .toList());
    }
}
