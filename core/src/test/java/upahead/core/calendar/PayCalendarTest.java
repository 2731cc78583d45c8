package upahead.core.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PayCalendarTest {

    private static final LocalDate ANCHOR = LocalDate.of(2027, 1, 4);

    @ParameterizedTest
    @CsvSource({
        "WEEK, 2027-01-03, 2026-12-28, 2027-01-03",
        "FORTNIGHT, 2027-01-17, 2027-01-04, 2027-01-17",
        "FORTNIGHT, 2026-12-31, 2026-12-21, 2027-01-03",
        "HALF_MONTH, 2028-02-29, 2028-02-16, 2028-02-29",
        "HALF_MONTH, 2027-02-15, 2027-02-01, 2027-02-15",
        "MONTH, 2027-02-10, 2027-02-01, 2027-02-28",
    })
    void findsThePeriodOfADay(PayCalendar.Every every, LocalDate day, LocalDate first, LocalDate last) {
        assertThat(new PayCalendar(every, ANCHOR).periodOf(day)).isEqualTo(new DateSpan(first, last));
    }

    @Property(tries = 200)
    void periodsFollowEachOtherWithoutGap(
            @ForAll PayCalendar.Every every, @ForAll @IntRange(min = -3000, max = 3000) int days) {
        PayCalendar calendar = new PayCalendar(every, ANCHOR);
        LocalDate day = ANCHOR.plusDays(days);
        DateSpan period = calendar.periodOf(day);
        assertThat(period.contains(day)).isTrue();
        assertThat(calendar.after(period).first()).isEqualTo(period.last().plusDays(1));
        assertThat(calendar.before(period).last()).isEqualTo(period.first().minusDays(1));
    }

    @Property(tries = 200)
    void periodsOfSomebodyWhoChangesThePayGroupFollowEachOtherToo(
            @ForAll PayCalendar.Every before,
            @ForAll PayCalendar.Every after,
            @ForAll @IntRange(min = -60, max = 60) int change,
            @ForAll @IntRange(min = -120, max = 120) int days) {
        LocalDate from = ANCHOR.plusDays(change);
        PayCalendar calendar = new PayCalendar(before, ANCHOR).until(from, new PayCalendar(after, ANCHOR));
        LocalDate day = ANCHOR.plusDays(days);
        DateSpan period = calendar.periodOf(day);
        assertThat(period.contains(day)).isTrue();
        assertThat(period.first().isBefore(from)).isEqualTo(period.last().isBefore(from));
        assertThat(calendar.after(period).first()).isEqualTo(period.last().plusDays(1));
        assertThat(calendar.before(period).last()).isEqualTo(period.first().minusDays(1));
    }

    @ParameterizedTest
    @CsvSource({
        "2024-02-29, 2025-02-27, 2024-02-29, 2025-02-27",
        "2024-02-29, 2025-02-28, 2025-02-28, 2026-02-27",
        "2024-02-29, 2028-02-29, 2028-02-29, 2029-02-27",
        "2024-02-29, 2023-05-01, 2023-02-28, 2024-02-28",
    })
    void aBenefitYearFromAHireOnLeapDay(LocalDate hired, LocalDate day, LocalDate first, LocalDate last) {
        assertThat(new BenefitYear.HireAnniversary().containing(day, hired)).isEqualTo(new DateSpan(first, last));
    }
}
