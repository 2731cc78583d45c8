package upahead.server.requests.absences;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How many of a team are needed at least.
 *
 * @param week from Monday to Sunday, 0 where nothing is said
 */
public record TeamNeed(long teamId, @NotNull @Size(min = 7, max = 7) List<@NotNull @Min(0) @Max(9999) Integer> week) {

    static TeamNeed of(long teamId, Map<DayOfWeek, Integer> week) {
        return new TeamNeed(
                teamId,
                List.of(DayOfWeek.values()).stream()
                        .map(day -> week.getOrDefault(day, 0))
                        .toList());
    }

    Map<DayOfWeek, Integer> byDay() {
        Map<DayOfWeek, Integer> byDay = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            int people = week.get(day.getValue() - 1);
            if (people > 0) {
                byDay.put(day, people);
            }
        }
        return byDay;
    }
}
