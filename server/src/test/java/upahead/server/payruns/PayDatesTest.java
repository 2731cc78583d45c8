package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.calendar.PayDay;
import upahead.server.organisation.Organisation;

/** When runs are paid: weeks that begin on Monday, 1 March 2027. */
@WithSmallCompanies
class PayDatesTest {

    private static final LocalDate FRIDAY = LocalDate.of(2027, 3, 12);

    @Autowired
    private SmallCompany company;

    @Autowired
    private PayDates dates;

    @Autowired
    private Organisation organisation;

    @BeforeEach
    void found() {
        company.found();
        company.work("regular,8");
    }

    @Test
    void aRunIsPaidByTheRuleOfItsGroup() {
        assertThat(company.newest().paysOn()).isEqualTo(FRIDAY);
        company.close(company.newest());
        assertThat(company.newest().paysOn()).isEqualTo(FRIDAY.plusWeeks(1));
    }

    @Test
    void openRunsFollowTheRuleAndClosedOnesStay() {
        company.close(company.newest());
        company.act(() -> {
            organisation.setPayDay(company.groupId(), new PayDay(2));
            return null;
        });
        assertThat(company.runs()).extracting(PayRun::paysOn).containsExactly(LocalDate.of(2027, 3, 16), FRIDAY);
    }

    @Test
    void anOpenRunIsPaidOnAnotherDayThatSomebodyChooses() {
        company.act(() -> dates.pay(company.newest().id(), FRIDAY.minusDays(1)));
        assertThat(company.newest().paysOn()).isEqualTo(FRIDAY.minusDays(1));
    }

    @Test
    void aDayFarFromThePeriodIsRefused() {
        long run = company.newest().id();
        company.act(() -> {
            assertThatThrownBy(() -> dates.pay(run, LocalDate.of(2027, 2, 28))).hasMessageContaining("cannot be on");
            assertThatThrownBy(() -> dates.pay(run, LocalDate.of(2072, 3, 12))).hasMessageContaining("2072");
            return null;
        });
        assertThat(company.newest().paysOn()).isEqualTo(FRIDAY);
    }

    @Test
    void theDayOfAClosedRunStays() {
        PayRun first = company.newest();
        company.close(first);
        company.act(() -> {
            assertThatThrownBy(() -> dates.pay(first.id(), FRIDAY.plusDays(3)))
                    .hasMessageContaining("its pay date stays");
            return null;
        });
        assertThat(company.runs().get(1).paysOn()).isEqualTo(FRIDAY);
    }
}
