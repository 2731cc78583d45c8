package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import upahead.core.quantity.Amount;

class LotsTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);

    @Test
    void theSoonestToExpireIsUsedFirstAndTheOldestWithinATie() {
        Lots lots = new Lots();
        lots.credit(DAY, Amount.of(1), Optional.empty());
        lots.credit(DAY.plusDays(1), Amount.of(2), Optional.of(DAY.plusDays(90)));
        lots.credit(DAY.plusDays(2), Amount.of(3), Optional.of(DAY.plusDays(30)));
        lots.credit(DAY.plusDays(3), Amount.of(4), Optional.of(DAY.plusDays(90)));
        assertThat(lots.take(Amount.of(8)))
                .extracting(lot -> lot.credited().toString(), Lots.Lot::amount)
                .containsExactly(
                        tuple("2027-03-03", Amount.of(3)),
                        tuple("2027-03-02", Amount.of(2)),
                        tuple("2027-03-04", Amount.of(3)));
        assertThat(lots.balance()).isEqualTo(Amount.of(2));
    }

    @Test
    void aLotLapsesOnTheDayAfterItsLastUsableOne() {
        Lots lots = new Lots();
        lots.credit(DAY, Amount.of(5), Optional.of(DAY.plusDays(10)));
        assertThat(lots.nextExpiry()).contains(DAY.plusDays(11));
        assertThat(lots.expireBefore(DAY.plusDays(10))).isEmpty();
        assertThat(lots.expireBefore(DAY.plusDays(11))).hasSize(1);
        assertThat(lots.balance()).isEqualTo(Amount.ZERO);
    }

    @Test
    void carriedLotsKeepTheEarlierOfTheirLastDays() {
        Lots lots = new Lots();
        lots.credit(DAY, Amount.of(5), Optional.of(DAY.plusDays(10)));
        lots.credit(DAY, Amount.of(6), Optional.empty());
        lots.limitUse(DAY.plusDays(20));
        assertThat(lots.all()).extracting(lot -> lot.lastUsable()).containsExactly(DAY.plusDays(10), DAY.plusDays(20));
    }

    @Property
    void lotsSumToTheBalanceAndAreNeverBelowZero(
            @ForAll @Size(max = 40) List<@IntRange(min = -30, max = 30) Integer> changes) {
        Lots lots = new Lots();
        Amount expected = Amount.ZERO;
        for (int i = 0; i < changes.size(); i++) {
            Amount change = Amount.of(changes.get(i));
            expected = expected.plus(change);
            if (change.isNegative()) {
                lots.take(change.negated());
            } else {
                Optional<LocalDate> last = i % 3 == 0 ? Optional.empty() : Optional.of(DAY.plusDays(i * 7L % 50));
                lots.credit(DAY.plusDays(i), change, last);
            }
            assertThat(lots.balance()).isEqualTo(expected);
            assertThat(lots.all()).allMatch(lot -> lot.amount().isPositive());
            assertThat(expected.isNegative() && !lots.all().isEmpty()).isFalse();
        }
    }
}
