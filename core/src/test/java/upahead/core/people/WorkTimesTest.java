package upahead.core.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalTime;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.quantity.Amount;

class WorkTimesTest {

    private static final WorkTimes DAY = new WorkTimes(span("08:00", "16:30"), span("12:00", "12:30"));
    private static final WorkTimes NIGHT = new WorkTimes(span("22:00", "06:00"), span("01:30", "02:00"));

    private static ClockSpan span(String from, String to) {
        return new ClockSpan(LocalTime.parse(from), LocalTime.parse(to));
    }

    @Test
    void theHoursOfADayAreThoseFromBeginToEndWithoutTheBreak() {
        assertThat(DAY.hours()).isEqualTo(Amount.of(8));
        assertThat(NIGHT.hours()).isEqualTo(Amount.of("7.5"));
        assertThat(new WorkTimes(span("09:00", "13:20"), null).hours()).isEqualTo(Amount.of("4.3333"));
        assertThat(new WorkTimes(span("07:00", "07:00"), null).hours()).isEqualTo(Amount.of(24));
    }

    @ParameterizedTest
    @CsvSource({
        "08:00, 16:30, 8",
        "13:00, 15:30, 2.5",
        "11:00, 13:00, 1.5",
        "12:10, 12:20, 0",
        "06:00, 09:15, 1.25",
        "16:00, 20:00, 0.5",
        "17:00, 19:00, 0",
        "23:00, 10:00, 2",
    })
    void whatIsAskedForOfADayIsWhatWouldBeWorkedThen(String from, String to, String hours) {
        assertThat(DAY.hoursWithin(span(from, to))).isEqualTo(Amount.of(hours));
    }

    @ParameterizedTest
    @CsvSource({"23:00, 02:00, 2.5", "04:00, 06:00, 2", "20:00, 23:30, 1.5", "05:00, 23:00, 2", "06:00, 22:00, 0"})
    void aNightReachesIntoTheNextDay(String from, String to, String hours) {
        assertThat(NIGHT.hoursWithin(span(from, to))).isEqualTo(Amount.of(hours));
    }

    @Test
    void withoutTimesAllOfASpanCounts() {
        assertThat(WorkTimes.hoursWithin(span("11:00", "13:00"), Optional.empty()))
                .isEqualTo(Amount.of(2));
        assertThat(WorkTimes.hoursWithin(span("11:00", "13:00"), Optional.of(DAY)))
                .isEqualTo(Amount.of("1.5"));
    }

    @Test
    void aBreakLiesWithinTheWork() {
        assertThatThrownBy(() -> new WorkTimes(span("08:00", "12:00"), span("11:30", "12:30")))
                .hasMessageContaining("does not lie within");
        assertThatThrownBy(() -> new WorkTimes(span("08:00", "12:00"), span("08:00", "12:00")))
                .hasMessageContaining("does not lie within");
        assertThatThrownBy(() -> new ClockSpan(LocalTime.of(8, 0, 30), LocalTime.NOON))
                .hasMessageContaining("whole minutes");
    }
}
