package upahead.core.cards;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import upahead.core.cards.Stretch.What;

/**
 * A stretch as somebody types it: by the clock of the place where it was worked.
 *
 * @param kind of hours, such as "regular"; of no effect on a break
 * @param from nothing where it is not known
 * @param to nothing where it is not known; on the next day where it is not after the begin
 */
public record TypedStretch(What what, String kind, Optional<ClockTime> from, Optional<ClockTime> to) {

    /**
     * The stretches of a day as moments. A time before that of the first work lies after midnight. In the night in which
     * clocks go forward or back the work is as long as it really was; of an hour that comes twice, the first is meant
     * unless it is said.
     *
     * @param on the day on which the work begins
     * @throws IllegalArgumentException if of a stretch neither begin nor end is known
     */
    public static CardDay day(LocalDate on, List<TypedStretch> typed, ZoneId zone) {
        Optional<LocalTime> first = typed.stream()
                .filter(each -> each.what() == What.WORK)
                .findFirst()
                .flatMap(TypedStretch::from)
                .map(ClockTime::time);
        return new CardDay(
                typed.stream().map(each -> each.stretch(on, first, zone)).toList());
    }

    private Stretch stretch(LocalDate on, Optional<LocalTime> first, ZoneId zone) {
        Optional<LocalDateTime> begins = from.map(clock -> at(on, clock.time(), first));
        Optional<LocalDateTime> ends =
                to.map(clock -> begins.map(begin -> after(begin, clock)).orElseGet(() -> at(on, clock.time(), first)));
        return new Stretch(
                what,
                kind,
                begins.map(time -> ClockTime.moment(time, from.orElseThrow().again(), zone)),
                ends.map(time -> ClockTime.moment(time, to.orElseThrow().again(), zone)));
    }

    private static LocalDateTime at(LocalDate on, LocalTime time, Optional<LocalTime> first) {
        boolean afterMidnight = first.filter(time::isBefore).isPresent();
        return (afterMidnight ? on.plusDays(1) : on).atTime(time);
    }

    /** The second of an hour that comes twice can show an earlier time than the first. */
    private LocalDateTime after(LocalDateTime begin, ClockTime end) {
        LocalDateTime sameDay = begin.toLocalDate().atTime(end.time());
        boolean later = end.again() && !from.orElseThrow().again()
                ? !sameDay.isBefore(begin.minusHours(1).plusMinutes(1))
                : sameDay.isAfter(begin);
        return later ? sameDay : sameDay.plusDays(1);
    }
}
