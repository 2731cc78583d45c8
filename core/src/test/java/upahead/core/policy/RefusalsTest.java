package upahead.core.policy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.Timeline;
import upahead.core.facts.OpeningBalance;
import upahead.core.facts.OpeningBalance.OpeningLot;
import upahead.core.hours.Work;
import upahead.core.leave.Taken;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.quantity.Amount;

/** Values refuse what makes no sense, and say it so that it can be shown. */
class RefusalsTest {

    private static final LocalDate DAY = LocalDate.of(2027, 5, 3);
    private static final WeeklySchedule WEEK = WeeklySchedule.mondayToFriday(Amount.of(8));

    static Stream<Arguments> nonsense() {
        return Stream.of(
                refused("before the first day", () -> DateSpan.of(DAY, DAY.minusDays(1))),
                refused("a wait must be at least 0", () -> new Wait(-1, Wait.In.DAYS)),
                refused("at least 1", () -> new Usability.For(0, Wait.In.MONTHS)),
                refused("a limit must be at least 0", () -> Limits.of(Map.of(Limit.EARNED_PER_YEAR, Amount.of(-1)))),
                refused(
                        "carried over must be at least 0",
                        () -> new YearEnd(Optional.of(Amount.of(-3)), Optional.empty(), Leftover.LAPSE)),
                refused("years of service", () -> new TenureBand(-1, Amount.ONE)),
                refused("tenure band must be at least 0", () -> new TenureBand(1, Amount.of(-1))),
                refused(
                        "cannot end on",
                        () -> new Enrolment(DAY, Optional.of(new Enrolment.End(DAY.minusDays(1), EndBalance.LAPSE)))),
                refused("hours worked must be at least 0", () -> new Work(DAY, "regular", Amount.of(-1))),
                refused("leave taken must be at least 0", () -> new Taken(DAY, Amount.of(-1))),
                refused("between 0 and 24", () -> new WeeklySchedule(Map.of(DayOfWeek.MONDAY, Amount.of(25)))),
                refused(
                        "before the hire date",
                        () -> new Employment(
                                DAY,
                                Optional.of(DAY.minusDays(1)),
                                DAY,
                                Timeline.empty(),
                                Timeline.from(DAY, WEEK),
                                List.of())),
                refused("do not add up to 10", () -> opening(new OpeningLot(Amount.of(9), Optional.empty()))),
                refused(
                        "has expired before",
                        () -> opening(new OpeningLot(Amount.of(10), Optional.of(DAY.minusDays(1))))));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("nonsense")
    void isRefusedWithItsReason(String reason, ThrowingCallable creation) {
        assertThatIllegalArgumentException().isThrownBy(creation).withMessageContaining(reason);
    }

    @ParameterizedTest
    @CsvSource({
        "2027-01-01, 03-31, 2027-03-31",
        "2027-03-31, 03-31, 2027-03-31",
        "2027-04-01, 03-31, 2028-03-31",
        "2027-01-01, 02-29, 2027-02-28",
    })
    void aLastDayIsTheFirstSuchDateOnOrAfterTheStart(LocalDate start, String day, LocalDate last) {
        assertThat(new Usability.Until(MonthDay.parse("--" + day)).lastUsable(start))
                .isEqualTo(last);
    }

    @Test
    void aTimeOfUseEndsTheDayBeforeStartPlusCount() {
        assertThat(new Usability.For(90, Wait.In.DAYS).lastUsable(LocalDate.of(2027, 2, 1)))
                .isEqualTo("2027-05-01");
        assertThat(new Usability.For(1, Wait.In.MONTHS).lastUsable(LocalDate.of(2027, 1, 31)))
                .isEqualTo("2027-02-27");
    }

    private static Arguments refused(String reason, ThrowingCallable creation) {
        return Arguments.of(reason, creation);
    }

    private static OpeningBalance opening(OpeningLot lot) {
        return new OpeningBalance(DAY, Amount.of(10), Amount.ZERO, Amount.ZERO, List.of(lot), Amount.ZERO);
    }
}
