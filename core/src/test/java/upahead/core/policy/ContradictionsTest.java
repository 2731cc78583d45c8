package upahead.core.policy;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.MonthDay;
import java.util.List;
import org.junit.jupiter.api.Test;
import upahead.core.calendar.BenefitYear;
import upahead.core.ledger.Account;
import upahead.core.ledger.Sample;
import upahead.core.quantity.Rounding;

class ContradictionsTest {

    @Test
    void aSoundPolicyHasNone() {
        assertThat(in(Sample.grant("40")
                        .limit(Limit.BALANCE, "60")
                        .limit(Limit.EARNED_PER_YEAR, "40")
                        .limit(Limit.USED_PER_YEAR, "40")
                        .carry("20", Leftover.LAPSE)))
                .isEmpty();
    }

    @Test
    void aYearlyEarningLimitBelowTheGrantOrItsHighestBand() {
        assertThat(in(Sample.grant("40").limit(Limit.EARNED_PER_YEAR, "39"))).contains(Limit.EARNED_PER_YEAR.place());
        assertThat(in(Sample.grant("40").tenure(5, "48").limit(Limit.EARNED_PER_YEAR, "44")))
                .contains(Limit.EARNED_PER_YEAR.place());
        assertThat(in(Sample.monthly("4").limit(Limit.EARNED_PER_YEAR, "45"))).contains(Limit.EARNED_PER_YEAR.place());
    }

    @Test
    void aGrantOrACarryAboveWhatMayBeHeld() {
        assertThat(in(Sample.grant("40").limit(Limit.BALANCE, "30"))).contains(Limit.BALANCE.place());
        assertThat(in(Sample.monthly("4").limit(Limit.BALANCE, "30").carry("31", Leftover.LAPSE)))
                .contains(Contradictions.CARRY);
    }

    @Test
    void aLastUsableDayOfNothingOrBeforeTheYearBegins() {
        assertThat(in(Sample.grant("40").carry("0", Leftover.LAPSE).carriedUntil("03-31")))
                .containsExactly(Contradictions.CARRIED_USABLE);
        BenefitYear july = new BenefitYear.StartsOn(MonthDay.of(7, 1));
        assertThat(in(Sample.grant("40").benefitYear(july).carriedUntil("03-31")))
                .containsExactly(Contradictions.CARRIED_USABLE);
        assertThat(in(Sample.grant("40").benefitYear(july).carriedUntil("09-30")))
                .isEmpty();
    }

    @Test
    void creditsThatLapseBeforeTheyCanBeUsedAndNothingToUse() {
        assertThat(in(Sample.monthly("4").creditsUsableFor(60).waitToUse(75)))
                .containsExactly(Contradictions.CREDITS_USABLE);
        assertThat(in(Sample.monthly("4").limit(Limit.USED_PER_YEAR, "0")))
                .containsExactly(Limit.USED_PER_YEAR.place());
    }

    @Test
    void lessAfterMoreYearsOrBandsWithoutEarning() {
        assertThat(in(Sample.monthly("4").tenure(3, "5").tenure(6, "4.5"))).containsExactly(Contradictions.TENURE);
        assertThat(in(Sample.awardsOnly().tenure(3, "5"))).containsExactly(Contradictions.TENURE);
    }

    @Test
    void aYearThatIsNoMultipleOfTheRoundingStep() {
        assertThat(in(Sample.grant("40").rounded("0.3", Rounding.Mode.HALF_UP)))
                .containsExactly(Contradictions.ROUNDING);
    }

    private static List<String> in(Sample sample) {
        Account account = sample.account();
        Terms terms = account.policy().versions().entries().get(0).value();
        return Contradictions.in(account.policy().benefitYear(), terms).stream()
                .map(Contradictions.Contradiction::place)
                .toList();
    }
}
