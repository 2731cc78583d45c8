package upahead.core.cards;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.cards.Punch.Kind;

class PunchedDaysTest {

    private static final ZoneId ZONE = ZoneId.of("Europe/London");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "20 08:00 IN, 20 12:00 BREAK, 20 12:30 BREAK, 20 16:30 OUT|20: 08:00-16:30 (12:00-12:30)",
                "20 22:00 IN, 21 06:00 OUT, 21 22:00 IN, 22 06:00 OUT|20: 22:00-06:00, 21: 22:00-06:00",
                "20 08:00 IN, 21 08:00 IN, 21 16:00 OUT|20: 08:00-, 21: 08:00-16:00",
                "20 16:00 OUT, 21 08:00 IN|20: -16:00, 21: 08:00-",
                "20 08:00 IN, 20 08:00 IN, 20 16:00 OUT, 20 16:00 OUT|20: 08:00-16:00",
                "20 08:00 IN, 20 12:00 BREAK, 20 16:00 OUT|20: 08:00-16:00 (12:00-)",
                "20 08:00 IN, 21 09:00 OUT|20: 08:00-, 21: -09:00",
                "20 12:00 BREAK|20: (12:00-)",
                "20 08:00 IN, 20 09:00 BREAK, 20 09:00 BREAK, 20 09:20 BREAK, 20 12:00 OUT|20: 08:00-12:00 (09:00-09:20)",
            })
    void punchesMakeDays(String punches, String days) {
        assertThat(written(PunchedDays.of(read(punches), ZONE))).isEqualTo(days);
    }

    @Provide
    Arbitrary<List<Punch>> punches() {
        return Combinators.combine(
                        Arbitraries.of(Kind.class), Arbitraries.integers().between(0, 4000))
                .as((kind, minute) ->
                        new Punch(Instant.parse("2027-04-20T06:00:00Z").plus(minute, ChronoUnit.MINUTES), kind))
                .list()
                .ofMaxSize(12);
    }

    @Property
    void aPunchThatArrivesLateOrTwiceFindsThePlaceItWouldHaveHad(
            @ForAll("punches") List<Punch> punches, @ForAll Random random) {
        List<Punch> arriving = new ArrayList<>(punches);
        arriving.addAll(punches.subList(0, punches.size() / 2));
        Collections.shuffle(arriving, random);
        assertThat(PunchedDays.of(arriving, ZONE)).isEqualTo(PunchedDays.of(punches, ZONE));
    }

    @Property
    void punchesNeverMakeWorkThatOverlaps(@ForAll("punches") List<Punch> punches) {
        assertThat(PunchedDays.of(punches, ZONE).values()).allSatisfy(day -> assertThat(day.faults())
                .noneMatch(
                        fault -> fault.kind() == CardFault.Kind.OVERLAPS || fault.kind() == CardFault.Kind.TOO_LONG));
    }

    @Test
    void onADayChangedByHandAPunchClosesOrBeginsAndChangesNothingElse() throws Exception {
        CardDay open = typed("7:45-");
        assertThat(PunchedDays.onto(open, punch("20 16:30 OUT"))).contains(typed("7:45-16:30"));
        assertThat(PunchedDays.onto(open, punch("20 12:00 BREAK"))).contains(typed("7:45- (12-)"));
        assertThat(PunchedDays.onto(typed("7:45- (12-)"), punch("20 12:30 BREAK")))
                .contains(typed("7:45- (12-12:30)"));
        assertThat(PunchedDays.onto(typed("7:45-12"), punch("20 12:30 IN"))).contains(typed("7:45-12 12:30-"));
        assertThat(PunchedDays.onto(open, punch("20 12:30 IN"))).isEmpty();
        assertThat(PunchedDays.onto(typed("7:45-16"), punch("20 16:30 OUT"))).isEmpty();
        assertThat(PunchedDays.onto(typed("7:45-16"), punch("20 12:30 IN"))).isEmpty();
    }

    private static CardDay typed(String line) throws TypedDay.Unreadable {
        return TypedDay.read(line, Set.of()).on(LocalDate.of(2027, 4, 20), ZONE);
    }

    private static List<Punch> read(String punches) {
        return Stream.of(punches.split(", ")).map(PunchedDaysTest::punch).toList();
    }

    private static Punch punch(String text) {
        String[] parts = text.split(" ");
        return new Punch(
                LocalDateTime.parse("2027-04-" + parts[0] + "T" + parts[1])
                        .atZone(ZONE)
                        .toInstant(),
                Kind.valueOf(parts[2]));
    }

    private static String written(Map<LocalDate, CardDay> days) {
        return String.join(
                ", ",
                days.entrySet().stream()
                        .map(day -> day.getKey().getDayOfMonth() + ": " + TypedDay.line(day.getValue(), ZONE))
                        .toList());
    }
}
