package upahead.core.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.calendar.YearlyHoliday.Observed;

class YearlyHolidayTest {

    @ParameterizedTest
    @CsvSource({"2024, 2024-03-31", "2025, 2025-04-20", "2027, 2027-03-28", "2038, 2038-04-25", "1818, 1818-03-22"})
    void easterSundays(int year, LocalDate sunday) {
        assertThat(new Recurrence.AroundEaster(0).in(year)).isEqualTo(sunday);
    }

    @Property(tries = 300)
    void easterIsASundayFromLateMarchToLateApril(@ForAll @IntRange(min = 1583, max = 9000) int year) {
        LocalDate sunday = new Recurrence.AroundEaster(0).in(year);
        assertThat(sunday.getDayOfWeek()).isEqualTo(DayOfWeek.SUNDAY);
        assertThat(sunday).isBetween(LocalDate.of(year, 3, 22), LocalDate.of(year, 4, 25));
    }

    @ParameterizedTest
    @CsvSource({"1, MONDAY, 2027-05-03", "4, THURSDAY, 2027-05-27", "-1, MONDAY, 2027-05-31"})
    void weekdaysOfAMonth(int nth, DayOfWeek weekday, LocalDate day) {
        assertThat(new Recurrence.NthWeekday(Month.MAY, nth, weekday).in(2027)).isEqualTo(day);
    }

    @Test
    void notEveryMonthHasAFifthMonday() {
        assertThatThrownBy(() -> new Recurrence.NthWeekday(Month.MAY, 5, DayOfWeek.MONDAY))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @CsvSource({
        "2027-12-25, THAT_DAY, 2027-12-25",
        "2027-12-25, NEXT_WEEKDAY, 2027-12-27",
        "2027-12-25, PREVIOUS_WEEKDAY, 2027-12-24",
        "2027-12-25, NEAREST_WEEKDAY, 2027-12-24",
        "2027-12-26, NEAREST_WEEKDAY, 2027-12-27",
        "2027-12-28, NEXT_WEEKDAY, 2027-12-28",
    })
    void aHolidayOnAWeekendIsObservedOnAWeekday(LocalDate falls, Observed observed, LocalDate free) {
        assertThat(YearlyHoliday.in(2027, List.of(holiday("Midwinter", falls, observed))))
                .containsOnlyKeys(free);
    }

    @Test
    void twoOnOneWeekendAreObservedOnTwoWeekdays() {
        assertThat(YearlyHoliday.in(
                        2027,
                        List.of(
                                holiday("Second day", LocalDate.of(2027, 12, 26), Observed.NEXT_WEEKDAY),
                                holiday("First day", LocalDate.of(2027, 12, 25), Observed.NEXT_WEEKDAY))))
                .containsOnlyKeys(LocalDate.of(2027, 12, 27), LocalDate.of(2027, 12, 28));
    }

    @Test
    void aMovedOneDoesNotTakeTheDayOfAnotherThatFallsThere() {
        assertThat(YearlyHoliday.in(
                        2027,
                        List.of(
                                holiday("Moved", LocalDate.of(2027, 12, 26), Observed.NEXT_WEEKDAY),
                                holiday("Fixed", LocalDate.of(2027, 12, 27), Observed.THAT_DAY))))
                .hasEntrySatisfying(LocalDate.of(2027, 12, 27), each -> assertThat(each.name())
                        .isEqualTo("Fixed"))
                .containsKey(LocalDate.of(2027, 12, 28));
    }

    @Test
    void aPeriodLastsDaysInARow() {
        YearlyHoliday closed = new YearlyHoliday(
                "Winter closure", new Recurrence.Fixed(MonthDay.of(12, 29)), Observed.THAT_DAY, false, 5);
        assertThat(YearlyHoliday.in(2027, List.of(closed))).hasSize(5).containsKey(LocalDate.of(2028, 1, 2));
    }

    @Test
    void leapDayFallsToTheDayBeforeInACommonYear() {
        assertThat(new Recurrence.Fixed(MonthDay.of(2, 29)).in(2027)).isEqualTo(LocalDate.of(2027, 2, 28));
    }

    @ParameterizedTest
    @CsvSource({"'', 1", "Nameless, 0", "Endless, 32"})
    void aHolidayHasANameAndADuration(String name, int days) {
        Recurrence newYear = new Recurrence.Fixed(MonthDay.of(1, 1));
        assertThatThrownBy(() -> new YearlyHoliday(name, newYear, Observed.THAT_DAY, false, days))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void somebodyWhoMovesHasTheHolidaysOfEachSiteWhileThere() {
        LocalDate move = LocalDate.of(2027, 6, 1);
        HolidayCalendar garden = HolidayCalendar.on(List.of(LocalDate.of(2027, 5, 3), LocalDate.of(2027, 6, 14)));
        HolidayCalendar nursery = HolidayCalendar.on(List.of(LocalDate.of(2027, 5, 4), LocalDate.of(2027, 7, 16)));
        HolidayCalendar joined = HolidayCalendar.joined(
                Timeline.from(LocalDate.of(1900, 1, 1), garden).with(move, nursery));
        assertThat(joined.datesWithin(new DateSpan(LocalDate.of(2027, 1, 1), LocalDate.of(2027, 12, 31))))
                .containsExactly(LocalDate.of(2027, 5, 3), LocalDate.of(2027, 7, 16));
    }

    private static YearlyHoliday holiday(String name, LocalDate falls, Observed observed) {
        return new YearlyHoliday(name, new Recurrence.Fixed(MonthDay.from(falls)), observed, false, 1);
    }
}
