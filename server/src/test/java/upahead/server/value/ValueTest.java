package upahead.server.value;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Rounding;
import upahead.core.value.PayRate;
import upahead.core.value.ValueChange;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.BalanceRow;
import upahead.server.accounts.Balances;
import upahead.server.platform.access.CurrentUser;
import upahead.server.rates.PayRates;
import upahead.server.rates.PersonRate;

/** Today is 26 April 2027; Kerensa, person 27, has hourly leave, policy 1, and got a raise on 1 April. */
@WithDemo
class ValueTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final LocalDate MARCH = LocalDate.of(2027, 3, 1);
    private static final long KERENSA = 27;
    private static final long HOURLY_LEAVE = 1;

    @Autowired
    private ValueOfAll value;

    @Autowired
    private Balances balances;

    @Autowired
    private PayRates rates;

    @Autowired
    private CurrentUser user;

    @Test
    void aBalanceIsWorthItsHoursAtTheRateOfTheDay() {
        Amount balance = as(() -> balances.of(KERENSA, TODAY)).stream()
                .filter(row -> row.policyId() == HOURLY_LEAVE)
                .map(BalanceRow::balance)
                .findFirst()
                .orElseThrow();
        Amount rate = as(() -> rates.ofPerson(KERENSA)).get(1).amount();
        ValueRow row = kerensa(ValueDays.of(TODAY, null));
        assertThat(row.balance()).isEqualTo(balance);
        assertThat(row.hourly()).isEqualTo(rate);
        assertThat(row.worth()).isEqualTo(cents(balance.times(rate)));
    }

    @Test
    void theChangeIsExplainedToTheCentForEverybody() {
        List<ValueRow> rows = rows(ValueDays.of(TODAY, MARCH));
        assertThat(rows).hasSizeGreaterThan(100);
        for (ValueRow row : rows) {
            ValueChange change = row.change();
            if (change != null) {
                assertThat(sum(change)).as(row.person() + row.policy()).isEqualTo(change.after());
            }
        }
        ValueChange all = ValueSum.of(rows).change();
        assertThat(sum(all)).isEqualTo(all.after());
        assertThat(all.rates().isPositive()).as("raises").isTrue();
        assertThat(all.used().isNegative()).isTrue();
    }

    private static Amount sum(ValueChange change) {
        return Amount.sum(List.of(
                change.before(),
                change.brought(),
                change.earned(),
                change.adjusted(),
                change.used(),
                change.lapsed(),
                change.paidOut(),
                change.rates()));
    }

    @Test
    void groupsAddUpToAllAndSayWhoHasNoRate() {
        List<ValueRow> rows = rows(ValueDays.of(TODAY, null));
        ValueSum all = ValueSum.of(rows);
        for (ValueSum.By by : ValueSum.By.values()) {
            List<ValueSum> groups = ValueSum.by(by, rows);
            assertThat(Amount.sum(
                            groups.stream().map(sum -> sum.change().after()).toList()))
                    .isEqualTo(all.change().after());
            assertThat(groups.stream().mapToInt(ValueSum::unknown).sum()).isEqualTo(all.unknown());
        }
        assertThat(all.unknown()).isPositive();
    }

    @Test
    void thePictureGoesOnToTheYearsEndAndPassesThroughTheDay() {
        ValueDays days = ValueDays.of(TODAY, null);
        assertThat(days.series())
                .startsWith(LocalDate.of(2026, 12, 31), LocalDate.of(2027, 1, 31))
                .contains(TODAY)
                .endsWith(LocalDate.of(2027, 11, 30), LocalDate.of(2027, 12, 31));
        ValueRow row = kerensa(days);
        assertThat(row.series()).hasSameSizeAs(days.series());
        assertThat(row.series().get(days.series().indexOf(TODAY))).isEqualTo(row.worth());
    }

    @Test
    void aDayAheadIsAForecastFromWhatWasRecordedBefore() {
        LocalDate ahead = LocalDate.of(2027, 12, 31);
        ValueRow expected = kerensa(ValueDays.of(ahead, TODAY));
        ValueRow today = kerensa(ValueDays.of(TODAY, null));
        assertThat(expected.change().before()).isEqualTo(today.worth());
        assertThat(expected.change().earned().isPositive()).isTrue();
        assertThat(sum(expected.change())).isEqualTo(expected.worth());
    }

    @Test
    void anotherRateIsSeenAtOnce() {
        ValueRow before = kerensa(ValueDays.of(TODAY, MARCH));
        as(() -> {
            rates.set(new PersonRate(0, KERENSA, TODAY, Amount.of(100), PayRate.Per.HOUR));
            return null;
        });
        ValueRow after = kerensa(ValueDays.of(TODAY, MARCH));
        assertThat(after.worth()).isEqualTo(cents(after.balance().times(Amount.of(100))));
        assertThat(after.change().rates().isMoreThan(before.change().rates())).isTrue();
        assertThat(after.change().earned()).isEqualTo(before.change().earned());
    }

    @Test
    void daysThatCannotBeAreRefused() {
        assertThatThrownBy(() -> ValueDays.of(TODAY, TODAY)).hasMessageContaining("comes before the day itself");
        assertThatThrownBy(() -> ValueDays.of(TODAY, TODAY.minusYears(11))).hasMessageContaining("at most 10 years");
        assertThatThrownBy(() -> rows(ValueDays.of(TODAY.plusYears(4), TODAY))).hasMessageContaining("3 years");
    }

    @Test
    void administratorsAloneSeeIt() {
        assertThatThrownBy(() -> user.actAs(Somebody.approver(4), () -> value.rows(ValueDays.of(TODAY, null))))
                .isInstanceOf(AccessDeniedException.class);
    }

    private ValueRow kerensa(ValueDays days) {
        return rows(days).stream()
                .filter(row -> row.personId() == KERENSA && row.policyId() == HOURLY_LEAVE)
                .findFirst()
                .orElseThrow();
    }

    private static Amount cents(Amount exact) {
        return new Rounding(Amount.of("0.01"), Rounding.Mode.HALF_UP).round(Fraction.of(exact));
    }

    private List<ValueRow> rows(ValueDays days) {
        return as(() -> value.rows(days));
    }

    private <T> T as(Supplier<T> doing) {
        return user.actAs(Somebody.ADMINISTRATOR, doing);
    }
}
