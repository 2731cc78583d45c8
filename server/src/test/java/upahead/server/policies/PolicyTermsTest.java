package upahead.server.policies;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.json.JsonTest;
import org.springframework.context.annotation.ComponentScan;
import upahead.core.calendar.BenefitYear;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Scaling;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.policy.Terms;
import upahead.core.policy.Usability;
import upahead.core.policy.Wait;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.written.WrittenTerms;

/** From the text of the editor to the rules, and through storage without losing a digit. */
@JsonTest
@ComponentScan("upahead.server.platform.json")
class PolicyTermsTest {

    private static final String EVERYTHING =
            """
            {"earning": {"method": "per-period", "every": "pay-period", "perYear": "17.3333333", "posts": "start",
                         "months": "calendar", "partial": "full"},
             "tenure": [{"fromYears": 3, "amount": "20"}, {"fromYears": 7, "amount": "25"}],
             "scaleByFte": true,
             "waitToEarn": {"months": 1}, "waitToUse": {"days": 75},
             "limits": {"balance": "60", "earnedPerYear": "52", "usedPerYear": "45", "overdraw": "4"},
             "yearEnd": {"carry": "30", "carriedUsable": {"until": "03-31"}, "excess": "pay-out"},
             "creditsUsable": {"days": 120},
             "onLeaving": "pay-out",
             "rounding": {"step": "0.25", "mode": "up"}}""";

    @Autowired
    private ObjectMapper json;

    @Test
    void everyRuleReachesTheComputation() throws JsonProcessingException {
        Terms terms = PolicyTerms.of(read(EVERYTHING));
        assertThat(terms.earning())
                .isEqualTo(new PerPeriod(
                        PerPeriod.Every.PAY_PERIOD,
                        Amount.of("17.3333333"),
                        PerPeriod.Per.YEAR,
                        PerPeriod.Posts.START,
                        PerPeriod.Months.CALENDAR,
                        PerPeriod.Partial.FULL));
        assertThat(terms.amountAfter(2, Amount.ONE)).isEqualTo(Amount.ONE);
        assertThat(terms.amountAfter(5, Amount.ONE)).isEqualTo(Amount.of(20));
        assertThat(terms.amountAfter(7, Amount.ONE)).isEqualTo(Amount.of(25));
        assertThat(terms.scaling()).isEqualTo(Scaling.BY_FTE);
        assertThat(terms.waitToEarn().endsAfter(LocalDate.of(2027, 1, 31))).isEqualTo("2027-02-28");
        assertThat(terms.waitToUse()).isEqualTo(new Wait(75, Wait.In.DAYS));
        assertThat(terms.limits().on(Limit.BALANCE)).contains(Amount.of(60));
        assertThat(terms.limits().on(Limit.EARNED_PER_YEAR)).contains(Amount.of(52));
        assertThat(terms.limits().on(Limit.USED_PER_YEAR)).contains(Amount.of(45));
        assertThat(terms.limits().orZero(Limit.OVERDRAW)).isEqualTo(Amount.of(4));
        assertThat(terms.yearEnd().carry()).contains(Amount.of(30));
        assertThat(terms.yearEnd().carriedUsable()).contains(new Usability.Until(MonthDay.of(3, 31)));
        assertThat(terms.yearEnd().excess()).isEqualTo(Leftover.PAY_OUT);
        assertThat(terms.creditsUsable()).contains(new Usability.For(120, Wait.In.DAYS));
        assertThat(terms.onLeaving()).isEqualTo(Leftover.PAY_OUT);
        assertThat(terms.rounding()).isEqualTo(new Rounding(Amount.of("0.25"), Rounding.Mode.UP));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "upfront|\"amount\": \"17.3333333\", \"firstYear\": \"by-months\"",
                "per-hours-worked|\"earn\": \"1\", \"forEvery\": \"27.5\", \"wholeStepsOnly\": true, \"posts\": \"day\"",
                "upfront|\"amount\": \"0\""
            })
    void storingAndReadingLosesNothing(String method, String rest) throws JsonProcessingException {
        WrittenTerms terms = read("{\"earning\": {\"method\": \"" + method + "\", " + rest + "}}");
        assertThat(json.readValue(json.writeValueAsString(terms), WrittenTerms.class))
                .isEqualTo(terms);
        WrittenTerms everything = read(EVERYTHING);
        assertThat(json.readTree(json.writeValueAsString(everything)).path("limits"))
                .isEqualTo(json.readTree(EVERYTHING).path("limits"));
        assertThat(read(json.writeValueAsString(everything))).isEqualTo(everything);
    }

    @Test
    void whatIsLeftOutHasItsUsualMeaning() {
        assertThat(PolicyTerms.of(TermsWriter.perHours("1", "30").write()))
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
        List<String> kinds = List.of("regular", "training");
        assertThat(PolicyTerms.of(TermsWriter.perWholeSteps("1", "30", kinds).write())
                        .earning())
                .isEqualTo(new PerHoursWorked(
                        Amount.ONE,
                        Amount.of(30),
                        true,
                        Set.copyOf(kinds),
                        true,
                        true,
                        PerHoursWorked.Posts.PAY_PERIOD_END));
        WrittenTerms unknown =
                TermsWriter.perWholeSteps("1", "30", List.of("night")).write();
        assertThatThrownBy(() -> PolicyTerms.of(unknown)).hasMessageStartingWith("Please name kinds of hours");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{}|terms.earning|A figure is missing here.",
                "{\"earning\": {\"method\": \"upfront\"}}|terms.earning.amount|A figure is missing here.",
                "{\"earning\": {\"method\": \"per-period\", \"every\": \"day\"}}|terms.earning.amount|A figure is missing here.",
                "{\"earning\": {\"method\": \"per-hours-worked\", \"earn\": \"1\"}}|terms.earning.forEvery|A figure is missing here.",
                "{\"earning\": {\"method\": \"none\"}, \"waitToUse\": {\"days\": -1}}|terms.waitToUse|"
                        + "Please check this: a wait must be at least 0, not -1.",
                "{\"earning\": {\"method\": \"none\"}, \"yearEnd\": {\"carriedUsable\": {\"until\": \"02-30\"}}}|"
                        + "terms.yearEnd.carriedUsable.until|"
                        + "Please check this: must be a month and day such as 03-31, not 02-30.",
                "{\"earning\": {\"method\": \"none\"}, \"tenure\": [{\"fromYears\": 1}]}|terms.tenure.amount|"
                        + "A figure is missing here.",
            })
    void whatCannotBeIsNamedByItsField(String text, String field, String message) throws JsonProcessingException {
        WrittenTerms terms = read(text);
        assertThatThrownBy(() -> PolicyTerms.of(terms)).hasMessage(message).hasFieldOrPropertyWithValue("field", field);
    }

    @Test
    void aBenefitYearIsAMonthAndDayOrTheAnniversary() {
        assertThat(MonthDays.benefitYear("hire-anniversary")).isEqualTo(new BenefitYear.HireAnniversary());
        assertThat(MonthDays.benefitYear("07-01")).isEqualTo(new BenefitYear.StartsOn(MonthDay.of(7, 1)));
        assertThatThrownBy(() -> MonthDays.benefitYear("July"))
                .hasMessage("This must be a month and day such as 03-31.");
    }

    private WrittenTerms read(String text) throws JsonProcessingException {
        return json.readValue(text, WrittenTerms.class);
    }
}
