package upahead.server.enrolment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.policy.EndBalance;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.BalanceDetail;
import upahead.server.accounts.Balances;
import upahead.server.platform.access.CurrentUser;
import upahead.server.policies.Policies;

/** What differs for one person: exceptions, pauses, changes of the schedule, ends of enrolments. */
@WithDemo
class OwnTermsTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final long QUILLAN = 33;
    private static final long NUALA = 30;
    private static final long HOURLY_LEAVE = 1;
    private static final long SICK_TIME = 3;
    private static final long LEARNING_DAYS = 5;
    private static final long TIME_IN_LIEU = 6;

    @Autowired
    private EnrolmentEnds ends;

    @Autowired
    private Exceptions exceptions;

    @Autowired
    private Policies policies;

    @Autowired
    private Balances balances;

    @Autowired
    private CurrentUser user;

    @Test
    void anExceptionHoldsOnItsDaysOnly() {
        assertThat(one(QUILLAN, HOURLY_LEAVE).limits().on(Limit.BALANCE)).contains(Amount.of(90));
        assertThat(one(NUALA, HOURLY_LEAVE).limits().on(Limit.BALANCE)).contains(Amount.of(74));
        make(NUALA, SICK_TIME, "2027-02-01", "2027-02-28", OwnFigures.earning(Amount.of(120)), "a long flu");
        assertThat(one(NUALA, SICK_TIME).lines())
                .filteredOn(line -> line.on().getMonthValue() == 2 || line.on().getMonthValue() == 3)
                .extracting(BalanceDetail.Line::amount)
                .contains(Amount.of(10), Amount.of("4.5"));
    }

    @Test
    void anExceptionNeedsAReasonAFigureAndDaysInOrder() {
        OwnFigures nothing = new OwnFigures(null, null, null, null, null);
        OwnFigures some = OwnFigures.earning(Amount.ONE);
        assertThatThrownBy(() -> make(NUALA, SICK_TIME, "2027-02-01", null, some, " "))
                .hasMessage("Please say why.");
        assertThatThrownBy(() -> make(NUALA, SICK_TIME, "2027-02-01", null, nothing, "because"))
                .hasMessage("An exception replaces at least one figure.");
        assertThatThrownBy(() -> make(NUALA, SICK_TIME, "2027-02-01", "2027-01-31", some, "because"))
                .hasMessage("The exception ends before it begins.");
        assertThatThrownBy(
                        () -> make(NUALA, SICK_TIME, "2027-02-01", null, OwnFigures.earning(Amount.of(-1)), "because"))
                .hasMessage("The figures of an exception must be at least 0.");
    }

    @Test
    void aBalanceGoesOnInAnotherPolicyOnTheDayAfterItsEnrolmentEnds() {
        assertThat(one(QUILLAN, TIME_IN_LIEU).figures().balance()).isEqualTo(Amount.ZERO);
        assertThat(one(QUILLAN, HOURLY_LEAVE).lines())
                .filteredOn(line -> line.why().equals("Adjusted: moved from Time in lieu"))
                .singleElement()
                .satisfies(line -> {
                    assertThat(line.on()).isEqualTo("2027-04-12");
                    assertThat(line.amount()).isEqualTo(Amount.of("4.5"));
                });
    }

    @Test
    void anEnrolmentEndsAfterItBeginsAndMovesOnlyToTheSameUnit() {
        assertThatThrownBy(() -> end(NUALA, SICK_TIME, "2026-12-31", EndBalance.LAPSE, null))
                .hasMessage("The enrolment begins on 1 January 2027.");
        assertThatThrownBy(() -> end(NUALA, SICK_TIME, "2027-05-31", EndBalance.MOVE, LEARNING_DAYS))
                .hasMessage("The balance can go on in another policy of the same unit.");
        assertThatThrownBy(() -> end(NUALA, LEARNING_DAYS, "2027-05-31", EndBalance.LAPSE, null))
                .hasMessage("This person is not enrolled in this policy.");
    }

    @Test
    void nothingIsEarnedByTimeInAPauseAndAPartTimerEarnsInProportion() {
        assertThat(one(43, SICK_TIME).lines())
                .filteredOn(line -> line.on().getMonthValue() == 3)
                .extracting(BalanceDetail.Line::why)
                .anyMatch(why -> why.contains("for 10 of 31 days"));
        long respite = policies.all().stream()
                .filter(policy -> policy.name().equals("Glasshouse respite"))
                .findFirst()
                .orElseThrow()
                .id();
        assertThat(one(38, respite).lines())
                .extracting(BalanceDetail.Line::why)
                .anyMatch(why -> why.contains("at 0.85 FTE"))
                .anyMatch(why -> why.contains("at 0.6 FTE"));
    }

    private void make(long person, long policy, String from, String to, OwnFigures figures, String reason) {
        act(() -> {
            exceptions.make(
                    person, policy, LocalDate.parse(from), to == null ? null : LocalDate.parse(to), figures, reason);
            return null;
        });
    }

    private void end(long person, long policy, String on, EndBalance balance, Long movedTo) {
        act(() -> {
            ends.end(person, policy, LocalDate.parse(on), new Ending(balance, movedTo));
            return null;
        });
    }

    private BalanceDetail one(long person, long policy) {
        return act(() -> balances.one(person, policy, TODAY));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
