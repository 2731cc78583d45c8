package upahead.core.cards;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * Rounds ins and outs before hours are counted, to the nearest full step of the clock, half a step up. Since it never
 * changes the order of two moments, nothing overlaps that did not before.
 *
 * @param minutes of a step, a part of the hour; 1 for none
 */
public record PunchRounding(int minutes) {

    /** The steps there can be. */
    public static final List<Integer> STEPS = List.of(1, 5, 6, 10, 15, 30);

    /** Times are counted as they stand. */
    public static final PunchRounding NONE = new PunchRounding(1);

    /**
     * @throws IllegalArgumentException if the step is not one of {@link #STEPS}
     */
    public PunchRounding {
        if (!STEPS.contains(minutes)) {
            throw new IllegalArgumentException("times are rounded to one of " + STEPS + " minutes, not " + minutes);
        }
    }

    /** The day with rounded times; what becomes nothing by it is left out, and what is not whole stays as it is. */
    public CardDay of(CardDay day) {
        return minutes == 1
                ? day
                : new CardDay(day.stretches().stream()
                        .map(each -> each.isWhole() ? each.at(rounded(each.from()), rounded(each.to())) : each)
                        .filter(each -> !each.from().equals(each.to()))
                        .toList());
    }

    private Optional<Instant> rounded(Optional<Instant> moment) {
        long step = Duration.ofMinutes(minutes).toSeconds();
        return moment.map(at -> Instant.ofEpochSecond(Math.floorDiv(at.getEpochSecond() + step / 2, step) * step));
    }
}
