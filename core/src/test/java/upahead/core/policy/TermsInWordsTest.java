package upahead.core.policy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import upahead.core.calendar.BenefitYear;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.NoEarning;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.RuleInWords;
import upahead.core.earning.Upfront;
import upahead.core.ledger.Sample;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.core.quantity.Unit;

class TermsInWordsTest {

    static Stream<Arguments> methods() {
        return Stream.of(
                Arguments.of(new Upfront(Amount.of(21), Upfront.FirstYear.FULL), "21 days granted each benefit year"),
                Arguments.of(perHours("1", "27", false), "1 day for every 27 hours worked"),
                Arguments.of(perHours("2", "27", true), "2 days for every 27 hours worked"),
                Arguments.of(perHours("12.07", "100", false), "12.07 days for every 100 hours worked"),
                Arguments.of(perPeriod("3", PerPeriod.Per.PERIOD, PerPeriod.Every.MONTH), "3 days each month"),
                Arguments.of(
                        perPeriod("91", PerPeriod.Per.YEAR, PerPeriod.Every.PAY_PERIOD),
                        "91 days a year, a share each pay period"),
                Arguments.of(new NoEarning(), "only what is awarded"));
    }

    @ParameterizedTest
    @MethodSource("methods")
    void howTimeIsEarned(EarningMethod method, String words) {
        assertThat(method.inWords(Unit.DAYS)).isEqualTo(words);
    }

    @Test
    void aRateOfTheHoursWorkedIsSaidInPercent() {
        assertThat(perHours("12.07", "100", false).inWords(Unit.HOURS)).isEqualTo("12.07 % of the hours worked");
        assertThat(perHours("12", "100", true).inWords(Unit.HOURS)).isEqualTo("12 hours for every 100 hours worked");
    }

    @Test
    void aPolicyInOneSentenceWithTheRulesItHas() {
        assertThat(words(Sample.grant("21")
                                .limit(Limit.USED_PER_YEAR, "18")
                                .carry("0", Leftover.LAPSE)
                                .waitToUse(45))
                        .summary())
                .isEqualTo("21 hours granted each benefit year, at most 18 used a year, usable after 45 days, nothing"
                        + " carried over.");
    }

    @Test
    void everythingASentenceEach() {
        Sample sample = Sample.of(perHours("1", "27", true))
                .tenure(4, "1.3")
                .waitToUse(89)
                .limit(Limit.BALANCE, "74")
                .limit(Limit.OVERDRAW, "8")
                .carry("37", Leftover.PAY_OUT)
                .carriedUntil("03-31")
                .creditsUsableFor(120)
                .rounded("0.25", Rounding.Mode.UP);
        assertThat(words(sample).sentences())
                .containsExactly(
                        "1 hour for every 27 hours worked.",
                        "Hours that count: regular, overtime; posted at the end of the pay period; only whole steps.",
                        "From 4 years of service on it is 1.3 hours instead.",
                        "It can be used 89 days after the hire date, from the 90th day of employment on.",
                        "Nobody holds more than 74 hours.",
                        "A request may take it down to 8 hours below zero.",
                        "The benefit year begins on 1 January; up to 37 hours are carried over and usable until 31"
                                + " March, the rest is paid out.",
                        "Each credit can be used for 120 days.",
                        "What is left on leaving lapses.",
                        "What is earned is rounded up to a multiple of 0.25, as a running total.");
    }

    @ParameterizedTest
    @MethodSource("methods")
    void everyTermsHaveEveryRuleOnceSoThatTheyCanBeCompared(EarningMethod method) {
        List<String> rules =
                words(Sample.of(method)).rules().stream().map(RuleInWords::rule).toList();
        assertThat(rules).doesNotHaveDuplicates().contains("Earning", "Carried over", "Rounded");
        assertThat(rules).containsAll(Stream.of(Limit.values()).map(Limit::rule).toList());
    }

    static Stream<Arguments> changes() {
        return Stream.of(
                changed(sample -> sample.limit(Limit.BALANCE, "66"), "May be held", "no such rule", "66 hours"),
                changed(sample -> sample.carry("0", Leftover.LAPSE), "Carried over", "all of it", "up to 0 hours"),
                changed(
                        sample -> sample.carriedUntil("03-31"),
                        "Carried time is usable",
                        "without end",
                        "until 31 March"),
                changed(sample -> sample.waitToUse(50), "Wait before use", "no such rule", "50 days"),
                changed(
                        sample -> sample.rounded("0.25", Rounding.Mode.HALF_UP),
                        "Rounded",
                        "to the nearest 0.0001",
                        "to the nearest 0.25"),
                changed(sample -> sample.tenure(5, "9"), "More with service", "no such rule", "9 from 5 years"),
                changed(sample -> sample.waitToEarn(6), "Wait before earning", "no such rule", "6 months"));
    }

    @ParameterizedTest
    @MethodSource("changes")
    void whatDiffersIsFoundRuleByRule(UnaryOperator<Sample> change, String rule, String before, String after) {
        List<RuleInWords> one = words(Sample.monthly("7")).rules();
        List<RuleInWords> other = words(change.apply(Sample.monthly("7"))).rules();
        assertThat(IntStream.range(0, one.size())
                        .filter(at -> !one.get(at).equals(other.get(at)))
                        .boxed())
                .singleElement()
                .satisfies(at -> {
                    assertThat(one.get(at)).isEqualTo(new RuleInWords(rule, before));
                    assertThat(other.get(at)).isEqualTo(new RuleInWords(rule, after));
                });
    }

    private static Arguments changed(UnaryOperator<Sample> change, String rule, String before, String after) {
        return Arguments.of(change, rule, before, after);
    }

    private static TermsInWords words(Sample sample) {
        Terms terms = sample.account().policy().versions().entries().get(0).value();
        return TermsInWords.of(Unit.HOURS, BenefitYear.calendarYear(), terms);
    }

    private static EarningMethod perHours(String amount, String forEvery, boolean wholeSteps) {
        return new PerHoursWorked(
                Amount.of(amount),
                Amount.of(forEvery),
                wholeSteps,
                Set.of("overtime", "regular"),
                false,
                false,
                PerHoursWorked.Posts.PAY_PERIOD_END);
    }

    private static EarningMethod perPeriod(String amount, PerPeriod.Per per, PerPeriod.Every every) {
        return new PerPeriod(
                every,
                Amount.of(amount),
                per,
                PerPeriod.Posts.END,
                PerPeriod.Months.CALENDAR,
                PerPeriod.Partial.BY_DAYS);
    }
}
