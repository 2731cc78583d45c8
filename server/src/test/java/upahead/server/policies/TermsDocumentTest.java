package upahead.server.policies;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.json.JsonTest;
import org.springframework.context.annotation.ComponentScan;
import upahead.core.calendar.BenefitYear;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Scaling;
import upahead.core.policy.Leftover;
import upahead.core.policy.Terms;
import upahead.core.policy.Usability;
import upahead.core.policy.Wait;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.server.policies.TermsDocument.Band;
import upahead.server.policies.TermsDocument.CarriedUsable;
import upahead.server.policies.TermsDocument.Earning;
import upahead.server.policies.TermsDocument.Method;
import upahead.server.policies.TermsDocument.RoundingRule;
import upahead.server.policies.TermsDocument.Time;

/** From the text of the editor to the rules, and through storage without losing a digit. */
@JsonTest
@ComponentScan("upahead.server.json")
class TermsDocumentTest {

    private static final TermsDocument EVERYTHING = new TermsDocument(
            new Earning(
                    Method.PER_PERIOD,
                    Amount.of("17.3333333"),
                    null,
                    PerPeriod.Every.PAY_PERIOD,
                    true,
                    PerPeriod.Posts.START,
                    PerPeriod.Months.CALENDAR,
                    PerPeriod.Partial.FULL,
                    null,
                    false,
                    false,
                    false,
                    null,
                    null),
            List.of(new Band(3, Amount.of(20)), new Band(7, Amount.of(25))),
            true,
            new Time(1, Wait.In.MONTHS),
            new Time(75, Wait.In.DAYS),
            Amount.of(60),
            Amount.of(52),
            Amount.of(45),
            Amount.of(4),
            Amount.of(30),
            new CarriedUsable(null, "03-31"),
            Leftover.PAY_OUT,
            new Time(120, Wait.In.DAYS),
            Leftover.PAY_OUT,
            new RoundingRule(Amount.of("0.25"), Rounding.Mode.UP),
            null);

    @Autowired
    private ObjectMapper json;

    @Test
    void everyRuleReachesTheComputation() {
        Terms terms = EVERYTHING.toTerms();
        assertThat(terms.earning()).isInstanceOfSatisfying(PerPeriod.class, method -> {
            assertThat(method.rate()).isEqualTo(new PerPeriod.Rate(Amount.of("17.3333333"), true));
            assertThat(method.posts()).isEqualTo(PerPeriod.Posts.START);
            assertThat(method.partial()).isEqualTo(PerPeriod.Partial.FULL);
        });
        assertThat(terms.figureAfter(2, Amount.ONE)).isEqualTo(Amount.ONE);
        assertThat(terms.figureAfter(5, Amount.ONE)).isEqualTo(Amount.of(20));
        assertThat(terms.figureAfter(7, Amount.ONE)).isEqualTo(Amount.of(25));
        assertThat(terms.scaling()).isEqualTo(Scaling.BY_FTE);
        assertThat(terms.waitToEarn().endsAfter(LocalDate.of(2027, 1, 31))).isEqualTo("2027-02-28");
        assertThat(terms.waitToUse()).isEqualTo(new Wait(75, Wait.In.DAYS));
        assertThat(terms.limits().balance()).contains(Amount.of(60));
        assertThat(terms.limits().earnedPerYear()).contains(Amount.of(52));
        assertThat(terms.limits().usedPerYear()).contains(Amount.of(45));
        assertThat(terms.limits().overdraw()).isEqualTo(Amount.of(4));
        assertThat(terms.yearEnd().carry()).contains(Amount.of(30));
        assertThat(terms.yearEnd().carriedUsable()).contains(new Usability.Until(MonthDay.of(3, 31)));
        assertThat(terms.yearEnd().excess()).isEqualTo(Leftover.PAY_OUT);
        assertThat(terms.creditsUsable()).contains(new Usability.For(120, Wait.In.DAYS));
        assertThat(terms.onLeaving()).isEqualTo(Leftover.PAY_OUT);
        assertThat(terms.rounding()).isEqualTo(new Rounding(Amount.of("0.25"), Rounding.Mode.UP));
    }

    @Test
    void storingAndReadingLosesNothing() throws Exception {
        String stored = json.writeValueAsString(EVERYTHING);
        assertThat(stored).contains("\"17.3333333\"");
        assertThat(json.readValue(stored, TermsDocument.class)).isEqualTo(EVERYTHING);
    }

    @Test
    void whatIsLeftOutHasItsUsualMeaning() {
        Terms terms = hours(Amount.ONE, Amount.of(30)).toTerms();
        assertThat(terms)
                .usingRecursiveComparison()
                .isEqualTo(Terms.earning(new PerHoursWorked(
                        Amount.ONE,
                        Amount.of(30),
                        false,
                        PerHoursWorked.STANDARD_KINDS,
                        false,
                        false,
                        PerHoursWorked.Posts.PAY_PERIOD_END)));
    }

    @Test
    void theKindsOfHoursThatCountCanBeNamed() {
        Earning earning = Earning.perHours("1", "30").counting(List.of("regular", "training"), true, true, false);
        assertThat(TermsWriter.earning(earning).write().toTerms().earning())
                .isEqualTo(new PerHoursWorked(
                        Amount.ONE,
                        Amount.of(30),
                        true,
                        Set.of("regular", "training"),
                        true,
                        false,
                        PerHoursWorked.Posts.PAY_PERIOD_END));
        Earning unknown = Earning.perHours("1", "30").counting(List.of("night"), false, false, false);
        assertThatThrownBy(() -> TermsWriter.earning(unknown).write().toTerms())
                .hasMessageStartingWith("Please name at least one kind of hours that counts");
    }

    @Test
    void aMissingFigureIsNamed() {
        assertThatThrownBy(() -> hours(null, Amount.of(30)).toTerms()).hasMessage("A figure is missing here.");
        assertThatThrownBy(() -> hours(Amount.ONE, null).toTerms()).hasMessage("A figure is missing here.");
    }

    @Test
    void aBenefitYearIsAMonthAndDayOrTheAnniversary() {
        assertThat(MonthDays.benefitYear("hire-anniversary")).isEqualTo(new BenefitYear.HireAnniversary());
        assertThat(MonthDays.benefitYear("07-01")).isEqualTo(new BenefitYear.StartsOn(MonthDay.of(7, 1)));
        assertThatThrownBy(() -> MonthDays.benefitYear("July"))
                .hasMessage("This must be a month and day such as 03-31.");
    }

    private static TermsDocument hours(Amount earn, Amount forEvery) {
        Earning earning = new Earning(
                Method.PER_HOURS_WORKED,
                earn,
                null,
                null,
                false,
                null,
                null,
                null,
                forEvery,
                false,
                false,
                false,
                null,
                null);
        return new TermsDocument(
                earning, null, false, null, null, null, null, null, null, null, null, null, null, null, null, null);
    }
}
