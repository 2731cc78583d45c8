package upahead.core.cards;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.cards.TypedDay.Unreadable;
import upahead.core.quantity.Amount;

class TypedDayTest {

    private static final ZoneId ZONE = ZoneId.of("Europe/London");
    private static final LocalDate DAY = LocalDate.of(2027, 4, 20);
    private static final Set<String> KINDS = new LinkedHashSet<>(List.of("regular", "overtime", "training"));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "8-12 12:30-16:30|08:00-12:00 12:30-16:30",
                "0905 - 21.05|09:05-21:05",
                "9:05p-1a|21:05-01:00",
                "9 am to 5 pm|09:00-17:00",
                "8 12 1230 1630|08:00-12:00 12:30-16:30",
                "8–12, 12:30–16:30;|08:00-12:00 12:30-16:30",
                "22-6 (1:30-2)|22:00-06:00 (01:30-02:00)",
                "9-12 13-17 training|09:00-12:00 13:00-17:00 training",
                "9-12 train 13-17|09:00-12:00 training 13:00-17:00",
                "8-|08:00-",
                "-16:30|-16:30",
                "16-24|16:00-00:00",
                "''|''",
            })
    void timesInAnyUsualFormAreReadAndWrittenInOne(String typed, String written) throws Unreadable {
        CardDay day = TypedDay.read(typed, KINDS).on(DAY, ZONE);
        assertThat(TypedDay.line(day, ZONE)).isEqualTo(written);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "7.5h|7.5|0",
                "7,25 h|7.25|0",
                "7:20h|7.3333|0",
                "6h 2h training|6|2",
                "6 hours, 1:30 hours training|6|1.5"
            })
    void hoursWithoutTimesAreReadByKind(String typed, String regular, String training) throws Unreadable {
        Map<String, Amount> hours = TypedDay.read(typed, KINDS).hours();
        assertThat(hours.get("regular")).isEqualTo(Amount.of(regular));
        assertThat(hours.getOrDefault("training", Amount.ZERO)).isEqualTo(Amount.of(training));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "half past eight|“half past eight” cannot be read; write times as 8-12 12:30-16:30, or hours as 7.5h",
                "25-30|“25” is no time of the clock",
                "8-12 lunch 13-17|“lunch” is no kind of hours; there are regular, overtime, training",
                "8-12 3h|give either times or hours, not both on one day",
                "8-16 (12-12:30|“” cannot be read; write times as 8-12 12:30-16:30, or hours as 7.5h",
                "8|“8” cannot be read; write times as 8-12 12:30-16:30, or hours as 7.5h",
                "-|“-” cannot be read; write times as 8-12 12:30-16:30, or hours as 7.5h",
            })
    void whatCannotBeReadIsSaidInWords(String typed, String words) {
        assertThatThrownBy(() -> TypedDay.read(typed, KINDS)).hasMessage(words);
    }

    @Provide
    Arbitrary<List<Integer>> minutes() {
        return Arbitraries.integers().between(1, 400).list().ofMinSize(2).ofMaxSize(4);
    }

    @Property
    void whatIsWrittenIsReadAsTheSameMomentsAlsoInTheNightsOfTheClockChange(@ForAll("minutes") List<Integer> minutes)
            throws Unreadable {
        for (LocalDate on : List.of(DAY, LocalDate.of(2027, 3, 27), LocalDate.of(2027, 10, 30))) {
            Instant at = ZonedDateTime.of(on.atTime(20, 0), ZONE).toInstant();
            List<Stretch> stretches = new ArrayList<>();
            for (int minute : minutes) {
                Instant next = at.plus(minute, ChronoUnit.MINUTES);
                stretches.add(Stretch.of(Stretch.What.WORK, at, next));
                at = next.plus(5, ChronoUnit.MINUTES);
            }
            if (at.isAfter(ZonedDateTime.of(on.plusDays(1).atTime(19, 0), ZONE).toInstant())) {
                continue;
            }
            CardDay day = new CardDay(stretches);
            assertThat(TypedDay.read(TypedDay.line(day, ZONE), KINDS).on(on, ZONE))
                    .isEqualTo(day);
        }
    }
}
