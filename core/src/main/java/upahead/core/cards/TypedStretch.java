package upahead.core.cards;

import java.time.Instant;
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
 * @param from nothing where it is not known
 * @param to nothing where it is not known; on the next day where it is not after the begin
 */
public record TypedStretch(What what, Optional<LocalTime> from, Optional<LocalTime> to) {

    /**
     * The stretches of a day as moments. A time before that of the first work lies after midnight. In the night in which
     * clocks go forward or back the work is as long as it really was; of an hour that comes twice, the first is meant.
     *
     * @param on the day on which the work begins
     * @throws IllegalArgumentException if of a stretch neither begin nor end is known
     */
    public static CardDay day(LocalDate on, List<TypedStretch> typed, ZoneId zone) {
        Optional<LocalTime> first = typed.stream()
                .filter(each -> each.what() == What.WORK)
                .findFirst()
                .flatMap(TypedStretch::from);
        return new CardDay(
                typed.stream().map(each -> each.stretch(on, first, zone)).toList());
    }

    private Stretch stretch(LocalDate on, Optional<LocalTime> first, ZoneId zone) {
        Optional<LocalDateTime> begins = from.map(time -> at(on, time, first));
        Optional<LocalDateTime> ends =
                to.map(time -> begins.map(begin -> after(begin, time)).orElseGet(() -> at(on, time, first)));
        return new Stretch(what, begins.map(time -> moment(time, zone)), ends.map(time -> moment(time, zone)));
    }

    private static LocalDateTime at(LocalDate on, LocalTime time, Optional<LocalTime> first) {
        boolean afterMidnight = first.filter(time::isBefore).isPresent();
        return (afterMidnight ? on.plusDays(1) : on).atTime(time);
    }

    private static LocalDateTime after(LocalDateTime begin, LocalTime time) {
        LocalDateTime sameDay = begin.toLocalDate().atTime(time);
        return sameDay.isAfter(begin) ? sameDay : sameDay.plusDays(1);
    }

    private static Instant moment(LocalDateTime time, ZoneId zone) {
        return time.atZone(zone).toInstant();
    }
}
