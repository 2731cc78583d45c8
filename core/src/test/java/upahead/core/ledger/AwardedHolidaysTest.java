package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.earning.PerHoursWorked;
import upahead.core.facts.Facts;
import upahead.core.hours.Work;
import upahead.core.hours.WorkLog;
import upahead.core.quantity.Amount;

/** Paid hours awarded for extra days count as paid holidays do. */
class AwardedHolidaysTest {

    private static final LocalDate PERIOD_ENDS = LocalDate.of(2027, 1, 17);

    @ParameterizedTest
    @CsvSource({"true, 2027-01-06, 2", "false, 2027-01-06, 0", "true, 2027-01-18, 0", "true, 2027-01-03, 0"})
    void theyCountInTheirPeriodWherePaidHolidaysCount(boolean count, LocalDate on, String earned) {
        Account account = Sample.of(new PerHoursWorked(
                        Amount.of(1),
                        Amount.of(4),
                        false,
                        PerHoursWorked.STANDARD_KINDS,
                        false,
                        count,
                        PerHoursWorked.Posts.PAY_PERIOD_END))
                .account();
        Facts awarded = new Facts(
                WorkLog.EMPTY,
                WorkLog.EMPTY,
                new WorkLog(List.of(new Work(on, "holiday", Amount.of(8)))),
                List.of(),
                List.of(),
                List.of());
        assertThat(Derivation.derive(account.withFacts(awarded), PERIOD_ENDS).balance(PERIOD_ENDS))
                .isEqualTo(Amount.of(earned));
    }
}
