package upahead.core.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.DayOfWeek;
import java.time.LocalDate;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class PayDayTest {

    private static final DateSpan FORTNIGHT = new DateSpan(LocalDate.of(2027, 4, 12), LocalDate.of(2027, 4, 25));

    @Test
    void isSomeDaysAfterTheLastDayOfThePeriod() {
        assertThat(new PayDay(5).of(FORTNIGHT)).isEqualTo("2027-04-30");
    }

    @Test
    void isTheFridayBeforeWhereItWouldBeASaturdayOrASunday() {
        assertThat(new PayDay(6).of(FORTNIGHT)).isEqualTo("2027-04-30");
        assertThat(new PayDay(7).of(FORTNIGHT)).isEqualTo("2027-04-30");
        assertThat(new PayDay(8).of(FORTNIGHT)).isEqualTo("2027-05-03");
    }

    @Test
    void mayLieInThePeriodWhereItEndsWithAWeek() {
        assertThat(new PayDay(0).of(FORTNIGHT)).isEqualTo("2027-04-23");
    }

    @Property
    void isNeverOnAWeekendAndAtMostTwoDaysEarly(
            @ForAll @IntRange(max = 3000) int later, @ForAll @IntRange(max = 60) int after) {
        DateSpan period =
                new DateSpan(FORTNIGHT.first().plusDays(later), FORTNIGHT.last().plusDays(later));
        LocalDate day = new PayDay(after).of(period);
        assertThat(day.getDayOfWeek()).isNotIn(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);
        assertThat(day)
                .isBetween(
                        period.last().plusDays(after).minusDays(2),
                        period.last().plusDays(after));
    }

    @Test
    void doesNotFollowByMoreThanSixtyDaysNorPrecede() {
        assertThatIllegalArgumentException().isThrownBy(() -> new PayDay(61));
        assertThatIllegalArgumentException().isThrownBy(() -> new PayDay(-1));
    }
}
