package upahead.core.cards;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import upahead.core.cards.Overtime.Over;
import upahead.core.cards.OvertimeRules.Day;
import upahead.core.quantity.Amount;

class OvertimeLawsTest {

    private static final LocalDate MONDAY = LocalDate.of(2027, 4, 19);

    @Test
    void theDayGoesFirstThenTheWeekAndADayOffWhole() {
        OvertimeRules rules = new OvertimeRules(List.of(
                rule(Over.DAY, 9, "overtime"),
                rule(Over.DAY, 11, "double"),
                rule(Over.WEEK, 38, "overtime"),
                rule(Over.DAY_OFF, 0, "double")));
        Map<LocalDate, Map<String, Amount>> week = byDay(rules, week("8", "12.5", "8", "8", "8", "3", "0"));
        assertThat(week.get(MONDAY)).isEqualTo(Map.of("regular", Amount.of(8)));
        assertThat(week.get(MONDAY.plusDays(1)))
                .isEqualTo(Map.of("regular", Amount.of(9), "overtime", Amount.of(2), "double", Amount.of("1.5")));
        assertThat(week.get(MONDAY.plusDays(4))).isEqualTo(Map.of("regular", Amount.of(5), "overtime", Amount.of(3)));
        assertThat(week.get(MONDAY.plusDays(5))).isEqualTo(Map.of("double", Amount.of(3)));
        assertThat(week).doesNotContainKey(MONDAY.plusDays(6));
    }

    @Test
    void hoursThatWereGivenAsTheyAreStayAndCountInTheWeek() {
        List<Day> week = new ArrayList<>(week("10", "10", "0", "0", "0", "0", "0"));
        week.set(0, new Day(MONDAY, false, true, Map.of("regular", Amount.of(35))));
        Map<LocalDate, Map<String, Amount>> split =
                byDay(new OvertimeRules(List.of(rule(Over.DAY, 9, "overtime"), rule(Over.WEEK, 40, "overtime"))), week);
        assertThat(split.get(MONDAY)).isEqualTo(Map.of("regular", Amount.of(35)));
        assertThat(split.get(MONDAY.plusDays(1))).isEqualTo(Map.of("regular", Amount.of(5), "overtime", Amount.of(5)));
    }

    @Provide
    Arbitrary<List<Overtime>> rules() {
        return Combinators.combine(
                        Arbitraries.of(Over.class),
                        Arbitraries.integers().between(0, 50),
                        Arbitraries.of("overtime", "double", "regular"))
                .as(OvertimeLawsTest::rule)
                .list()
                .ofMaxSize(5);
    }

    @Provide
    Arbitrary<List<Integer>> hundredths() {
        return Arbitraries.integers().between(0, 2400).list().ofSize(7);
    }

    @Property
    void whatComesOutAddsUpToWhatWentIn(
            @ForAll("rules") List<Overtime> rules, @ForAll("hundredths") List<Integer> hundredths) {
        List<Day> week = week(
                hundredths.stream().map(each -> String.valueOf(each / 100.0)).toArray(String[]::new));
        Map<LocalDate, Map<String, Amount>> split = byDay(new OvertimeRules(rules), week);
        for (Day day : week) {
            assertThat(Amount.sum(split.getOrDefault(day.on(), Map.of()).values()))
                    .isEqualTo(Amount.sum(day.hours().values()));
        }
    }

    @Property
    void hoursByKindAddUpToTheTimeWorked(@ForAll("hundredths") List<Integer> minutes) {
        List<Stretch> stretches = new ArrayList<>();
        Instant at = Instant.parse("2027-04-20T00:00:00Z");
        for (int each : minutes) {
            Instant next = at.plus(each % 200 + 1, ChronoUnit.MINUTES);
            stretches.add(new Stretch(
                    Stretch.What.WORK,
                    each % 3 == 0 ? "training" : each % 3 == 1 ? "regular" : "standby",
                    Optional.of(at),
                    Optional.of(next)));
            at = next;
        }
        CardDay day = new CardDay(stretches);
        assertThat(Amount.sum(day.hoursByKind().values())).isEqualTo(day.hours());
        for (int step : PunchRounding.STEPS) {
            assertThat(new PunchRounding(step).of(day).faults())
                    .noneMatch(fault -> fault.kind() == CardFault.Kind.OVERLAPS);
        }
    }

    private static Map<LocalDate, Map<String, Amount>> byDay(OvertimeRules rules, List<Day> week) {
        Map<LocalDate, Map<String, Amount>> days = new HashMap<>();
        rules.of(week).forEach(work -> days.computeIfAbsent(work.on(), unused -> new HashMap<>())
                .put(work.kind(), work.hours()));
        return days;
    }

    private static Overtime rule(Over over, int hours, String kind) {
        return new Overtime(over, Amount.of(hours), kind);
    }

    /** The weekend is off. */
    private static List<Day> week(String... hours) {
        List<Day> week = new ArrayList<>();
        for (int day = 0; day < hours.length; day++) {
            LocalDate on = MONDAY.plusDays(day);
            Amount worked = Amount.of(hours[day]);
            week.add(new Day(
                    on,
                    on.getDayOfWeek().compareTo(DayOfWeek.FRIDAY) > 0,
                    false,
                    worked.isZero() ? Map.of() : Map.of("regular", worked)));
        }
        return week;
    }
}
