package upahead.core.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class TimelineTest {

    private static final LocalDate DAY = LocalDate.of(2027, 1, 1);

    @Test
    void aChangeOnSomeDaysEndsWithThem() {
        Timeline<String> changed = Timeline.from(DAY, "a")
                .with(DAY.plusDays(10), "b")
                .changed(DAY.plusDays(5), Optional.of(DAY.plusDays(14)), value -> value + "!");
        assertThat(changed.entries())
                .extracting(Timeline.Entry::from, Timeline.Entry::value)
                .containsExactly(
                        tuple(DAY, "a"),
                        tuple(DAY.plusDays(5), "a!"),
                        tuple(DAY.plusDays(10), "b!"),
                        tuple(DAY.plusDays(15), "b"));
    }

    @Test
    void beforeTheFirstEntryThereIsNothingToChange() {
        Timeline<String> changed =
                Timeline.from(DAY, "a").changed(DAY.minusDays(9), Optional.of(DAY.minusDays(3)), value -> value + "!");
        assertThat(changed.on(DAY.minusDays(5))).isEmpty();
        assertThat(changed.on(DAY)).contains("a");
    }

    @Property
    void everyDayHasTheChangedValueInsideAndTheOldOneOutside(
            @ForAll @IntRange(min = 0, max = 40) int second,
            @ForAll @IntRange(min = -5, max = 45) int from,
            @ForAll @IntRange(min = 0, max = 20) int length,
            @ForAll boolean endless) {
        Timeline<String> before = Timeline.from(DAY, "a").with(DAY.plusDays(second), "b");
        LocalDate first = DAY.plusDays(from);
        Optional<LocalDate> last = endless ? Optional.empty() : Optional.of(first.plusDays(length));
        Timeline<String> changed = before.changed(first, last, value -> value + "!");
        for (int i = -10; i < 80; i++) {
            LocalDate day = DAY.plusDays(i);
            boolean inside =
                    !day.isBefore(first) && last.map(end -> !day.isAfter(end)).orElse(true);
            assertThat(changed.on(day)).isEqualTo(before.on(day).map(value -> inside ? value + "!" : value));
        }
    }
}
