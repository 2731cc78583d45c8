package upahead.core.hours;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.core.calendar.Timeline;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.quantity.Amount;

/** Five days of 8 hours, from 1 March 2027 five of 6; a pause in April; half a holiday on 3 March. */
class WorkingDaysTest {

    private static final Employment EMPLOYMENT = new Employment(
            LocalDate.of(2027, 1, 4),
            Optional.of(LocalDate.of(2027, 6, 30)),
            LocalDate.of(2022, 1, 4),
            Timeline.empty(),
            Timeline.from(LocalDate.of(2027, 1, 11), WeeklySchedule.mondayToFriday(Amount.of(8)))
                    .with(LocalDate.of(2027, 3, 1), WeeklySchedule.mondayToFriday(Amount.of(6))),
            List.of(DateSpan.of(LocalDate.of(2027, 4, 1), LocalDate.of(2027, 4, 30))));

    private static final WorkingDays DAYS = new WorkingDays(
            EMPLOYMENT, new HolidayCalendar(Map.of(LocalDate.of(2027, 3, 3), new Holiday("Half", true))));

    @Test
    void hoursFollowTheScheduleOfTheirDay() {
        assertThat(DAYS.hoursOn(LocalDate.of(2027, 1, 5)))
                .as("before the first schedule")
                .isEqualTo(Amount.ZERO);
        assertThat(DAYS.hoursOn(LocalDate.of(2027, 2, 26))).isEqualTo(Amount.of(8));
        assertThat(DAYS.hoursOn(LocalDate.of(2027, 3, 1))).isEqualTo(Amount.of(6));
        assertThat(DAYS.hoursOn(LocalDate.of(2027, 3, 3))).as("half a holiday").isEqualTo(Amount.of(3));
        assertThat(DAYS.hoursOn(LocalDate.of(2027, 3, 6))).as("a Saturday").isEqualTo(Amount.ZERO);
        assertThat(DAYS.hoursOn(LocalDate.of(2027, 4, 6))).as("in a pause").isEqualTo(Amount.ZERO);
        assertThat(DAYS.hoursOn(LocalDate.of(2027, 7, 1)))
                .as("after the last day")
                .isEqualTo(Amount.ZERO);
    }

    @Test
    void scheduledWorkIsShortenedByTheDaysLeaveAndNeverBelowZero() {
        DateSpan week = DateSpan.of(LocalDate.of(2027, 2, 22), LocalDate.of(2027, 2, 28));
        Map<LocalDate, Amount> leave =
                Map.of(LocalDate.of(2027, 2, 23), Amount.of(2), LocalDate.of(2027, 2, 24), Amount.of(9));
        assertThat(DAYS.scheduledWork(week, leave))
                .extracting(Work::hours)
                .containsExactly(Amount.of(8), Amount.of(6), Amount.of(8), Amount.of(8));
    }

    @Test
    void yearsOfServiceAreCompleteOnTheirAnniversary() {
        assertThat(EMPLOYMENT.completedYears(LocalDate.of(2027, 1, 3))).isEqualTo(4);
        assertThat(EMPLOYMENT.completedYears(LocalDate.of(2027, 1, 4))).isEqualTo(5);
        assertThat(EMPLOYMENT.completedYears(LocalDate.of(2021, 1, 4))).isZero();
    }

    @Test
    void aTimelineHasTheStretchesOfASpan() {
        assertThat(EMPLOYMENT.schedule().within(DateSpan.of(LocalDate.of(2027, 2, 1), LocalDate.of(2027, 3, 31))))
                .extracting(stretch -> stretch.days().toString())
                .containsExactly("2027-02-01 to 2027-02-28", "2027-03-01 to 2027-03-31");
        assertThat(EMPLOYMENT.schedule().within(DateSpan.of(LocalDate.of(2026, 1, 1), LocalDate.of(2026, 12, 31))))
                .isEmpty();
    }
}
