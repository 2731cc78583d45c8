package upahead.core.policy;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.MonthDay;
import java.util.List;
import org.junit.jupiter.api.Test;
import upahead.core.calendar.BenefitYear;
import upahead.core.ledger.Account;
import upahead.core.ledger.Sample;
import upahead.core.policy.Contradictions.Rule;
import upahead.core.quantity.Rounding;

class ContradictionsTest {

    @Test
    void aSoundPolicyHasNone() {
        assertThat(in(Sample.grant("40").limits("60", "40", "40", "0").carry("20", Leftover.LAPSE)))
                .isEmpty();
    }

    @Test
    void aYearlyEarningLimitBelowTheGrantOrItsHighestBand() {
        assertThat(in(Sample.grant("40").limits(null, "39", null, "0"))).contains(Rule.EARNED_PER_YEAR_LIMIT);
        assertThat(in(Sample.grant("40").tenure(5, "48").limits(null, "44", null, "0")))
                .contains(Rule.EARNED_PER_YEAR_LIMIT);
        assertThat(in(Sample.monthly("4").limits(null, "45", null, "0"))).contains(Rule.EARNED_PER_YEAR_LIMIT);
    }

    @Test
    void aGrantOrACarryAboveWhatMayBeHeld() {
        assertThat(in(Sample.grant("40").limits("30", null, null, "0"))).contains(Rule.BALANCE_LIMIT);
        assertThat(in(Sample.monthly("4").limits("30", null, null, "0").carry("31", Leftover.LAPSE)))
                .contains(Rule.CARRY);
    }

    @Test
    void aLastUsableDayOfNothingOrBeforeTheYearBegins() {
        assertThat(in(Sample.grant("40").carry("0", Leftover.LAPSE).carriedUntil("03-31")))
                .containsExactly(Rule.CARRIED_USABLE);
        BenefitYear july = new BenefitYear.StartsOn(MonthDay.of(7, 1));
        assertThat(in(Sample.grant("40").benefitYear(july).carriedUntil("03-31")))
                .containsExactly(Rule.CARRIED_USABLE);
        assertThat(in(Sample.grant("40").benefitYear(july).carriedUntil("09-30")))
                .isEmpty();
    }

    @Test
    void creditsThatLapseBeforeTheyCanBeUsedAndNothingToUse() {
        assertThat(in(Sample.monthly("4").creditsUsableFor(60).waitToUse(75))).containsExactly(Rule.CREDITS_USABLE);
        assertThat(in(Sample.monthly("4").limits(null, null, "0", "0"))).containsExactly(Rule.USED_PER_YEAR_LIMIT);
    }

    @Test
    void lessAfterMoreYearsOrBandsWithoutEarning() {
        assertThat(in(Sample.monthly("4").tenure(3, "5").tenure(6, "4.5"))).containsExactly(Rule.TENURE);
        assertThat(in(Sample.awardsOnly().tenure(3, "5"))).containsExactly(Rule.TENURE);
    }

    @Test
    void aYearThatIsNoMultipleOfTheRoundingStep() {
        assertThat(in(Sample.grant("40").rounded("0.3", Rounding.Mode.HALF_UP))).containsExactly(Rule.ROUNDING);
    }

    private static List<Rule> in(Sample sample) {
        Account account = sample.account();
        Terms terms = account.policy().versions().entries().get(0).value();
        return Contradictions.in(account.policy().benefitYear(), terms).stream()
                .map(Contradictions.Contradiction::rule)
                .toList();
    }
}
