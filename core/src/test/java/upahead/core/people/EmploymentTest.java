package upahead.core.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.Timeline;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

class EmploymentTest {

    private static final LocalDate HIRED = LocalDate.of(2027, 1, 4);

    @Test
    void aPauseInTheMiddleLeavesAStretchOnEachSide() {
        assertThat(paused("2027-02-10", "2027-02-12").withoutPauses(february()))
                .containsExactly(span("2027-02-01", "2027-02-09"), span("2027-02-13", "2027-02-28"));
    }

    @Test
    void aPauseOverTheEdgeOrOverAllLeavesOneStretchOrNone() {
        assertThat(paused("2027-01-20", "2027-02-12").withoutPauses(february()))
                .containsExactly(span("2027-02-13", "2027-02-28"));
        assertThat(paused("2027-01-20", "2027-03-12").withoutPauses(february())).isEmpty();
        assertThat(paused("2027-03-20", "2027-03-21").withoutPauses(february())).containsExactly(february());
    }

    @Test
    void pausesThatTouchLeaveNothingBetweenThem() {
        Employment employment =
                with(Timeline.empty(), List.of(span("2027-02-01", "2027-02-14"), span("2027-02-15", "2027-02-28")));
        assertThat(employment.withoutPauses(february())).isEmpty();
    }

    @Test
    void theFullTimeEquivalentIsAveragedOverTheDaysAndIsOneBeforeItsFirstEntry() {
        Employment employment = with(Timeline.from(LocalDate.of(2027, 2, 15), Amount.of("0.5")), List.of());
        assertThat(employment.averageFte(List.of(february()))).isEqualTo(Fraction.of(3, 4));
        assertThat(employment.averageFte(List.of(span("2027-02-01", "2027-02-14"))))
                .isEqualTo(Fraction.ONE);
        assertThat(employment.averageFte(List.of(span("2027-02-08", "2027-02-14"), span("2027-02-22", "2027-02-28"))))
                .isEqualTo(Fraction.of(3, 4));
    }

    @Property
    void theAverageOverStretchesIsThatOfTheirDays(
            @ForAll @IntRange(min = 0, max = 60) int change,
            @ForAll @IntRange(min = 0, max = 40) int pause,
            @ForAll @IntRange(min = 1, max = 20) int length) {
        Employment employment = with(
                Timeline.from(HIRED.plusDays(change), Amount.of("0.6")),
                List.of(new DateSpan(HIRED.plusDays(pause), HIRED.plusDays(pause + length - 1L))));
        DateSpan days = new DateSpan(HIRED, HIRED.plusDays(59));
        Amount sum = Amount.ZERO;
        long counted = 0;
        for (LocalDate day : days.dates().toList()) {
            if (!employment.isPausedOn(day)) {
                sum = sum.plus(employment.fteOn(day));
                counted++;
            }
        }
        assertThat(employment.averageFte(employment.withoutPauses(days)))
                .isEqualTo(Fraction.of(sum).times(Fraction.of(1, counted)));
    }

    @Test
    void yearsOfServiceAreCompletedOnTheAnniversaryOrOn28February() {
        Employment leap = Employment.simple(LocalDate.of(2024, 2, 29), WeeklySchedule.mondayToFriday(Amount.of(8)));
        assertThat(leap.completedYears(LocalDate.of(2025, 2, 27))).isZero();
        assertThat(leap.completedYears(LocalDate.of(2025, 2, 28))).isEqualTo(1);
        assertThat(leap.completedYears(LocalDate.of(2028, 2, 28))).isEqualTo(3);
        assertThat(leap.completedYears(LocalDate.of(2028, 2, 29))).isEqualTo(4);
    }

    private static Employment paused(String from, String to) {
        return with(Timeline.empty(), List.of(span(from, to)));
    }

    private static Employment with(Timeline<Amount> fte, List<DateSpan> pauses) {
        return new Employment(
                HIRED,
                Optional.empty(),
                HIRED,
                fte,
                Timeline.from(HIRED, WeeklySchedule.mondayToFriday(Amount.of(8))),
                pauses);
    }

    private static DateSpan february() {
        return span("2027-02-01", "2027-02-28");
    }

    private static DateSpan span(String first, String last) {
        return new DateSpan(LocalDate.parse(first), LocalDate.parse(last));
    }
}
