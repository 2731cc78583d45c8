package upahead.server.holidays;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.EmploymentChanges;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.People;
import upahead.server.facts.hours.HolidayHours;
import upahead.server.facts.hours.HolidayHours.PaidHoliday;
import upahead.server.platform.access.CurrentUser;

/** What holidays pay, and hours awarded for extra days. */
@WithDemo
class PaidHolidaysTest {

    private static final long GARDEN = 1;

    private static final long KERENSA = 27;

    private static final LocalDate MAY = LocalDate.of(2027, 5, 3);

    private static final DateSpan SPRING = new DateSpan(LocalDate.of(2027, 4, 26), LocalDate.of(2027, 5, 9));

    @Autowired
    private HolidayPayments holidayPayments;

    @Autowired
    private HolidayHours hours;

    @Autowired
    private People people;

    @Autowired
    private EmploymentChanges employments;

    @Autowired
    private CurrentUser user;

    @Test
    void holidaysArePaidWithTheScheduledHoursOrAFixedNumber() {
        assertThat(paid(KERENSA)).containsExactly(new PaidHoliday(MAY, "Early May holiday", scheduled(), "HOL"));
        act(() -> holidayPayments.setPay(
                new HolidayPay(GARDEN, Amount.of(6), false, EnumSet.of(EmploymentType.HOURLY), "FEAST")));
        assertThat(paid(KERENSA)).containsExactly(new PaidHoliday(MAY, "Early May holiday", Amount.of(6), "FEAST"));
        act(() -> holidayPayments.setPay(new HolidayPay(GARDEN, Amount.of(6), false, Set.of(), "HOL")));
        assertThat(paid(KERENSA)).isEmpty();
    }

    private Amount scheduled() {
        return people.employments(List.of(KERENSA)).get(KERENSA).scheduledHours(MAY);
    }

    private List<PaidHoliday> paid(long person) {
        return hours.of(List.of(people.get(person)), SPRING).getOrDefault(person, List.of());
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
