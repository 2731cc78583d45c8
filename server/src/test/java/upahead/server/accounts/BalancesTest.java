package upahead.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.facts.Adjustment;
import upahead.core.ledger.LineKind;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.facts.adjustments.Adjustments;
import upahead.server.platform.access.CurrentUser;

/** Policy 1 is hourly leave, 2 salaried leave; Nuala, person 30, is near its limit, and today is 26 April 2027. */
@WithDemo
class BalancesTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    @Autowired
    private Balances balances;

    @Autowired
    private Adjustments adjustments;

    @Autowired
    private People people;

    @Autowired
    private CurrentUser user;

    @Test
    void carriedTimeSaysWhenItLapses() {
        long alaric = people.search(new PeopleQuery("Alaric", null, null, null, null, 0, 1))
                .get(0)
                .id();
        assertThat(user.actAs(Somebody.ADMINISTRATOR, () -> balances.of(alaric, TODAY)))
                .filteredOn(row -> row.policyId() == 2)
                .singleElement()
                .satisfies(row -> {
                    assertThat(row.balance()).isEqualTo(Amount.of(30));
                    assertThat(row.nextLapse()).isEqualTo(new BalanceRow.Lapse(LocalDate.of(2027, 5, 1), Amount.of(4)));
                });
    }

    @Test
    void lookingAheadTakesWorkAsScheduledAndLeaveAsBooked() {
        BalanceDetail detail = one(30, 1, LocalDate.of(2027, 8, 14));
        assertThat(detail.lines())
                .filteredOn(line -> line.on().isAfter(TODAY))
                .extracting(BalanceDetail.Line::kind)
                .contains(LineKind.EARNED, LineKind.TAKEN);
        assertThat(detail.figures().withheld())
                .isGreaterThan(one(30, 1, TODAY).figures().withheld());
        assertThat(detail.limits().on(Limit.BALANCE)).contains(Amount.of(74));
    }

    @Test
    void thePersonIsToldInWordsOfTheirOwn() {
        List<AheadView> own = user.actAs(Somebody.employee(27), () -> balances.ahead(27, TODAY));
        assertThat(own)
                .extracting(AheadView::message)
                .contains(
                        "You lose 4.5 hours unless you use them by 22 May.",
                        "You reach the balance limit of 74 hours; use some, and you go on earning.",
                        "You do not get 39.02 hours of what you would earn, until 31 December,"
                                + " because of the balance limit; use some before, and you get more of it.",
                        "Your new year begins with 37 hours carried over.")
                .allMatch(message -> message.matches("(You|Other|[0-9]).*"));
        assertThat(user.actAs(Somebody.ADMINISTRATOR, () -> balances.ahead(27, TODAY)))
                .hasSameSizeAs(own)
                .noneMatch(item -> item.message().startsWith("You"));
    }

    @Test
    void whatIsAheadIsToldInOrderWithItsAmounts() {
        List<AheadView> ahead = user.actAs(Somebody.ADMINISTRATOR, () -> balances.ahead(30, TODAY));
        assertThat(ahead).isSortedAccordingTo(Comparator.comparing(AheadView::on));
        assertThat(ahead)
                .filteredOn(item -> item.policyId() == 1)
                .extracting(AheadView::what)
                .contains(AheadView.What.WITHHELD, AheadView.What.YEAR_ENDS, AheadView.What.LAPSE);
        assertThat(ahead).noneMatch(item -> item.message().isBlank());
        assertThat(user.actAs(Somebody.ADMINISTRATOR, () -> balances.ahead(28, LocalDate.of(2027, 3, 20))))
                .filteredOn(item -> item.what() == AheadView.What.USE_BEGINS)
                .singleElement()
                .satisfies(item -> assertThat(item.message()).startsWith("The wait before use ends, with"));
        assertThat(user.actAs(Somebody.ADMINISTRATOR, () -> balances.ahead(29, TODAY)))
                .filteredOn(item -> item.what() == AheadView.What.TENURE_STEP)
                .extracting(AheadView::message)
                .contains("4 years of service: from then on 1.3 hours for every 23 hours worked.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0|1|An adjustment of 0 changes nothing.",
                "100001|1|Please give an amount up to 100000 with at most ten decimals.",
                "1.00000000001|1|Please give an amount up to 100000 with at most ten decimals.",
                "2|2|Nuala Vosper is not enrolled in this policy.",
            })
    void anAdjustmentThatCannotBeIsRefused(String amount, long policyId, String message) {
        Adjustment adjustment = new Adjustment(TODAY, Amount.of(amount), "test");
        assertThatThrownBy(() -> user.actAs(Somebody.ADMINISTRATOR, () -> {
                    adjustments.adjust(30, policyId, adjustment);
                    return null;
                }))
                .hasMessage(message);
    }

    @Test
    void lookingBackShowsWhatWasHeldThen() {
        assertThat(one(30, 1, LocalDate.of(2027, 1, 1)).figures().balance()).isEqualTo(Amount.of("61.5"));
        assertThat(one(30, 1, LocalDate.of(2026, 12, 31)).figures().balance()).isEqualTo(Amount.ZERO);
    }

    @Test
    void anAdjustmentMovesTheBalanceFromItsDateAndSaysWhy() {
        Amount before = one(30, 1, TODAY).figures().balance();
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            adjustments.adjust(30, 1, new Adjustment(TODAY, Amount.of("-2.5"), "counted twice"));
            return null;
        });
        BalanceDetail after = one(30, 1, TODAY);
        assertThat(after.figures().balance()).isEqualTo(before.minus(Amount.of("2.5")));
        assertThat(after.lines()).extracting(BalanceDetail.Line::why).contains("Adjusted: counted twice");
        assertThat(one(30, 1, TODAY.minusDays(1)).figures().balance()).isEqualTo(before);
    }

    @Test
    void lookingAheadHasAnEnd() {
        assertThatThrownBy(() -> one(30, 1, LocalDate.of(2031, 1, 1)))
                .hasMessage("Looking ahead ends 3 years from today.");
    }

    @Test
    void aPolicySomebodyIsNotEnrolledInIsSaidToBeSo() {
        assertThatThrownBy(() -> one(30, 2, TODAY)).hasMessage("Nuala Vosper is not enrolled in this policy.");
    }

    private BalanceDetail one(long personId, long policyId, LocalDate asOf) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> balances.one(personId, policyId, asOf));
    }
}
