package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.Balances;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.mail.Mailbox;
import upahead.server.platform.mail.Message;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;
import upahead.server.requests.leave.RequestState;

/** Kerensa, person 27, asks for hourly leave, policy 1; Corvin, person 4, decides. Today is Monday, 26 April 2027. */
@WithDemo
class RequestsTest {

    private static final long KERENSA_ID = 27;
    private static final SignedIn KERENSA = Somebody.employee(KERENSA_ID);
    private static final SignedIn CORVIN = Somebody.approver(4);

    @Autowired
    private Requests requests;

    @Autowired
    private Deciding deciding;

    @Autowired
    private Asking asking;

    @Autowired
    private Balances balances;

    @Autowired
    private Mailbox mailbox;

    @Autowired
    private CurrentUser user;

    @Test
    void aHolidayInTheMiddleCostsNothing() {
        RequestReview review = preview(wholeDays("2027-04-30", "2027-05-03", "2027-05-04"));
        assertThat(review.problems()).isEmpty();
        assertThat(review.total()).isEqualTo(Amount.of(16));
        assertThat(review.days().get(1).holiday()).isEqualTo("Early May holiday");
        assertThat(review.days().get(1).amount()).isEqualTo(Amount.ZERO);
        assertThat(review.days().get(0).away()).containsExactly("Silvan Bellwether");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2027-04-23|Friday, 23 April is in the past. Ask payroll to enter it.",
                "2027-06-08|Tuesday, 8 June is a protected date: Renewal of the long lawn.",
                "2027-05-02|None of these days is a working day; nothing needs to be asked for.",
                "2029-06-04|Leave can be asked for up to 24 months ahead.",
            })
    void aDayThatCannotBeHasItsReason(String day, String message) {
        assertThatThrownBy(() -> send(wholeDays(day)))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("days"))
                .hasMessage(message);
    }

    @Test
    void aRequestOverTheBalanceTellsItsLargestAffordablePart() {
        RequestReview review = preview(wholeDays(
                "2027-05-10", "2027-05-11", "2027-05-12", "2027-05-13", "2027-05-14", "2027-05-17", "2027-05-18"));
        assertThat(review.affordable()).isNotNull();
        assertThat(review.affordable().amount()).isGreaterThan(Amount.ZERO).isLessThan(review.total());
        assertThat(preview(wholeDays("2027-05-10")).affordable()).isNull();
    }

    @Test
    void aRequestOverTheBalanceIsRefusedWithTheDayAndTheAmount() {
        String[] days = {"2027-05-10", "2027-05-11", "2027-05-12", "2027-05-13", "2027-05-14"};
        assertThatThrownBy(() -> send(wholeDays(days)))
                .hasMessageMatching("On Friday, 14 May the balance would be short by \\d+(\\.\\d+)? hours\\.");
    }

    @Test
    void aShortBalanceIsNotBlamedOnADayThatCostsNothing() {
        String[] days = {
            "2027-05-10", "2027-05-11", "2027-05-12", "2027-05-13", "2027-05-14", "2027-05-15", "2027-05-16"
        };
        assertThat(preview(wholeDays(days)).problems())
                .extracting(RequestReview.Problem::on)
                .containsOnlyOnce(LocalDate.of(2027, 5, 14))
                .doesNotContain(LocalDate.of(2027, 5, 15), LocalDate.of(2027, 5, 16));
    }

    @Test
    void theSameDayCannotBeAskedForTwice() {
        send(wholeDays("2027-05-05"));
        assertThatThrownBy(() -> send(wholeDays("2027-05-05", "2027-05-06")))
                .hasMessage("There is leave on Wednesday, 5 May already, waiting or approved.");
    }

    @Test
    void moreHoursThanScheduledAreRefused() {
        RequestDraft draft = draft(List.of(new AskedDay(LocalDate.of(2027, 5, 5), Part.HOURS, Amount.of(9))));
        assertThatThrownBy(() -> user.actAs(KERENSA, () -> asking.send(draft)))
                .hasMessage("Only 8 hours are scheduled on Wednesday, 5 May.");
    }

    @Test
    void approvingMovesTheBalanceAndTellsBothByMail() {
        Amount before = balanceOn("2027-05-05");
        RequestDetail sent = send(wholeDays("2027-05-05"));
        assertThat(balanceOn("2027-05-05")).as("waiting requests do not count").isEqualTo(before);

        RequestDetail decided = decide(CORVIN, sent, "Enjoy it", Decision.APPROVED);

        assertThat(decided.request().state()).isEqualTo(RequestState.APPROVED);
        assertThat(balanceOn("2027-05-05")).isEqualTo(before.minus(Amount.of(8)));
        assertThat(user.actAs(CORVIN, mailbox::newest).get(0).subject())
                .isEqualTo("Kerensa Saltonstall asks for Hourly leave from Wednesday, 5 May");
        Message told = user.actAs(KERENSA, mailbox::newest).get(0);
        assertThat(told.subject()).isEqualTo("Your Hourly leave from Wednesday, 5 May is approved");
        assertThat(told.body()).contains("Enjoy it");
    }

    @Test
    void eachDayCanBeDecidedByItself() {
        Amount before = balanceOn("2027-05-06");
        RequestDetail sent = send(wholeDays("2027-05-05", "2027-05-06"));
        RequestDetail decided = decide(CORVIN, sent, "", Decision.APPROVED, Decision.DECLINED);
        assertThat(decided.request().state()).isEqualTo(RequestState.PARTLY_APPROVED);
        assertThat(balanceOn("2027-05-06")).isEqualTo(before.minus(Amount.of(8)));
    }

    @Test
    void theSecondOfTwoDecisionsIsToldAndChangesNothing() {
        RequestDetail sent = send(wholeDays("2027-05-05"));
        decide(CORVIN, sent, "", Decision.APPROVED);
        assertThatThrownBy(() -> decide(Somebody.ADMINISTRATOR, sent, "No", Decision.DECLINED))
                .hasMessageStartingWith("Approver 4 has decided this request meanwhile: approved.");
        assertThat(user.actAs(KERENSA, () -> requests.open(sent.request().id()))
                        .request()
                        .state())
                .isEqualTo(RequestState.APPROVED);
    }

    @Test
    void nobodyDecidesForOneselfOrForOthersPeople() {
        RequestDetail sent = send(wholeDays("2027-05-05"));
        assertThatThrownBy(() -> decide(KERENSA, sent, "", Decision.APPROVED))
                .isInstanceOf(AccessDeniedException.class);
        assertThatThrownBy(() -> decide(Somebody.approver(3), sent, "", Decision.APPROVED))
                .isInstanceOf(AccessDeniedException.class);
    }

    @Test
    void aWithdrawnRequestCannotBeDecided() {
        RequestDetail sent = send(wholeDays("2027-05-05"));
        user.actAs(
                KERENSA,
                () -> asking.withdraw(sent.request().id(), sent.request().edits()));
        assertThatThrownBy(() -> decide(CORVIN, sent, "", Decision.APPROVED)).hasMessageContaining("withdrawn");
    }

    private RequestReview preview(List<AskedDay> days) {
        return user.actAs(KERENSA, () -> asking.preview(draft(days)));
    }

    private RequestDetail send(List<AskedDay> days) {
        return user.actAs(KERENSA, () -> asking.send(draft(days)));
    }

    private RequestDetail decide(SignedIn who, RequestDetail sent, String message, Decision... decisions) {
        Map<LocalDate, Decision> byDay = new HashMap<>();
        for (DayView day : sent.review().days()) {
            byDay.put(day.on(), decisions[byDay.size()]);
        }
        return user.actAs(
                who, () -> deciding.decide(sent.request().id(), sent.request().edits(), byDay, message));
    }

    private Amount balanceOn(String day) {
        return user.actAs(KERENSA, () -> balances.of(KERENSA_ID, LocalDate.parse(day))).stream()
                .filter(row -> row.policyId() == 1)
                .findFirst()
                .orElseThrow()
                .balance();
    }

    private static RequestDraft draft(List<AskedDay> days) {
        return new RequestDraft(KERENSA_ID, 1, days, "");
    }

    private static List<AskedDay> wholeDays(String... days) {
        return Arrays.stream(days)
                .map(day -> new AskedDay(LocalDate.parse(day), Part.WHOLE, null))
                .toList();
    }
}
