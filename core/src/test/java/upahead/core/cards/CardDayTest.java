package upahead.core.cards;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.cards.CardFault.Kind;
import upahead.core.cards.Stretch.What;
import upahead.core.hours.Work;
import upahead.core.quantity.Amount;

class CardDayTest {

    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    private static final LocalDate DAY = LocalDate.of(2027, 4, 20);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "work 08:00 16:30, break 12:00 12:30|8",
                "work 08:00 12:00, work 12:30 16:50|8.3333",
                "work 22:00 06:00, break 01:30 02:00|7.5",
                "work 20:00 00:00, work 01:00 03:00|6",
                "work 06:00 14:00, break 09:00 09:15, break 11:00 11:15|7.5",
            })
    void theHoursAreThoseFromInToOutWithoutTheBreaks(String typed, String hours) {
        CardDay day = day(DAY, typed);
        assertThat(day.faults()).isEmpty();
        assertThat(day.hours()).isEqualTo(Amount.of(hours));
        assertThat(day.isFinished()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"2027-03-27, 7", "2027-10-30, 9", "2027-06-30, 8"})
    void aNightOfTheClockChangeIsAsLongAsItReallyWas(LocalDate night, int hours) {
        assertThat(day(night, "work 22:00 06:00").worked()).isEqualTo(Duration.ofHours(hours));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "work 08:00 -|NO_END|0",
                "work - 16:00|NO_BEGIN|0",
                "work 08:00 12:00, work 11:00 15:00|OVERLAPS|1",
                "work 05:00 21:30|TOO_LONG|0",
                "work 08:00 12:00, break 12:30 13:00|BREAK_OUTSIDE_WORK|1",
                "work 08:00 12:00, break 11:30 12:30|BREAK_OUTSIDE_WORK|1",
                "work 08:00 09:00, break 08:00 09:00|BREAK_TOO_LONG|1",
                "work 08:00 12:00, break 10:00 -|NO_END|1",
            })
    void whatIsWrongIsToldOfItsStretch(String typed, Kind kind, int at) {
        CardDay day = day(DAY, typed);
        assertThat(day.faults()).containsExactly(new CardFault(kind, at));
        assertThat(day.isFinished()).isFalse();
    }

    @Test
    void aStretchOfEighteenHoursIsOnlyOverMidnightByTheClock() {
        assertThat(day(DAY, "work 16:00 10:00").faults()).containsExactly(new CardFault(Kind.TOO_LONG, 0));
    }

    @Test
    void whatIsNotWholeDoesNotCount() {
        assertThat(day(DAY, "work 08:00 12:00, work 13:00 -").hours()).isEqualTo(Amount.of(4));
        assertThat(CardDay.EMPTY.isFinished()).isFalse();
        assertThatThrownBy(() -> day(DAY, "work - -")).hasMessage("a stretch has a begin or an end");
    }

    private static CardDay day(LocalDate on, String typed) {
        List<TypedStretch> stretches = Stream.of(typed.split(", "))
                .map(each -> each.split(" "))
                .map(each -> new TypedStretch(
                        What.valueOf(each[0].toUpperCase()), Work.REGULAR, time(each[1]), time(each[2])))
                .toList();
        return TypedStretch.day(on, stretches, ZONE);
    }

    private static Optional<ClockTime> time(String text) {
        return text.equals("-") ? Optional.empty() : ClockTime.read(text);
    }
}
