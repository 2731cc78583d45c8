package upahead.core.leave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.core.hours.WorkingDays;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/** Monday to Wednesday 9 hours, Thursday 6; the 4th of May 2027, a Tuesday, is a holiday and the 6th half of one. */
class LeaveCostingTest {

    private static final WorkingDays DAYS = new WorkingDays(
            Employment.simple(
                    LocalDate.of(2027, 1, 4),
                    new WeeklySchedule(Map.of(
                            DayOfWeek.MONDAY, Amount.of(9),
                            DayOfWeek.TUESDAY, Amount.of(9),
                            DayOfWeek.WEDNESDAY, Amount.of(9),
                            DayOfWeek.THURSDAY, Amount.of(6)))),
            new HolidayCalendar(Map.of(
                    LocalDate.of(2027, 5, 4), new Holiday("Whole", false),
                    LocalDate.of(2027, 5, 6), new Holiday("Half", true))));

    @ParameterizedTest
    @CsvSource({
        "HOURS, 2027-05-03, 9, SCHEDULED",
        "HOURS, 2027-05-04, 0, HOLIDAY",
        "HOURS, 2027-05-06, 3, HALF_HOLIDAY",
        "HOURS, 2027-05-07, 0, DAY_OFF",
        "HOURS, 2026-12-31, 0, NOT_EMPLOYED",
        "DAYS, 2027-05-03, 1, SCHEDULED",
        "DAYS, 2027-05-06, 0.5, HALF_HOLIDAY",
    })
    void aWholeDayCostsWhatIsToBeWorked(Unit unit, LocalDate on, String amount, LeaveCosting.Because because) {
        LeaveCosting.DayCost cost = new LeaveCosting(DAYS, unit, false, false).cost(on, Asked.WHOLE_DAY);
        assertThat(cost.amount()).isEqualTo(Amount.of(amount));
        assertThat(cost.because()).isEqualTo(because);
    }

    @ParameterizedTest
    @CsvSource({"HOURS, 2027-05-03, 4.5", "HOURS, 2027-05-06, 1.5", "DAYS, 2027-05-03, 0.5", "DAYS, 2027-05-06, 0.25"})
    void halfADayCostsHalf(Unit unit, LocalDate on, String amount) {
        assertThat(new LeaveCosting(DAYS, unit, false, false)
                        .cost(on, Asked.HALF_DAY)
                        .amount())
                .isEqualTo(Amount.of(amount));
    }

    @Test
    void hoursInAPolicyInDaysAreAPartOfThatDay() {
        LeaveCosting costing = new LeaveCosting(DAYS, Unit.DAYS, false, false);
        Asked twoHours = new Asked.SomeHours(Amount.of(2));
        assertThat(costing.cost(LocalDate.of(2027, 5, 3), twoHours).amount()).isEqualTo(Amount.of("0.2222"));
        assertThat(costing.cost(LocalDate.of(2027, 5, 13), twoHours).amount()).isEqualTo(Amount.of("0.3333"));
    }

    @Test
    void holidaysAndDaysOffCostWhereThePolicySaysSo() {
        LeaveCosting hours = new LeaveCosting(DAYS, Unit.HOURS, true, true);
        assertThat(hours.cost(LocalDate.of(2027, 5, 4), Asked.WHOLE_DAY).amount())
                .isEqualTo(Amount.of(9));
        assertThat(hours.cost(LocalDate.of(2027, 5, 7), Asked.WHOLE_DAY).amount())
                .isEqualTo(Amount.of("8.25"));
        LeaveCosting days = new LeaveCosting(DAYS, Unit.DAYS, true, true);
        assertThat(days.cost(LocalDate.of(2027, 5, 7), Asked.WHOLE_DAY).amount())
                .isEqualTo(Amount.ONE);
    }

    @Test
    void moreThanADayOfHoursIsRefused() {
        assertThatThrownBy(() -> new Asked.SomeHours(Amount.of(25))).hasMessageContaining("at most 24");
    }
}
