package upahead.server.policies;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Upfront;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.core.quantity.Unit;
import upahead.server.policies.RuleConflicts.RuleConflict;
import upahead.written.WrittenTerms;

class RuleConflictsTest {

    private static final TermsWriter GRANT = TermsWriter.upfront("40", Upfront.FirstYear.FULL);

    @Test
    void eachIsSaidWhereItIsBestMended() {
        assertThat(of(Unit.HOURS, GRANT.limit(Limit.EARNED_PER_YEAR, "30").write(), null))
                .extracting(RuleConflict::field)
                .containsExactly("terms.limits.earnedPerYear");
    }

    @Test
    void stepsOfHoursInAPolicyOfWholeDays() {
        RequestRules whole = new RequestRules(false, false, 0, false, LeaveIn.WHOLE_DAYS, Amount.of(4));
        assertThat(of(Unit.DAYS, grant(), whole)).singleElement().satisfies(conflict -> {
            assertThat(conflict.field()).isEqualTo("rules.smallestStep");
            assertThat(conflict.message()).contains("whole days").contains("no effect");
        });
    }

    @Test
    void halfDaysEarnedInAPolicyOfWholeDays() {
        WrittenTerms halves = TermsWriter.perYear(
                        "20", PerPeriod.Every.MONTH, PerPeriod.Posts.END, PerPeriod.Months.CALENDAR)
                .rounded("0.5", Rounding.Mode.DOWN)
                .write();
        RequestRules whole = new RequestRules(false, false, 0, false, LeaveIn.WHOLE_DAYS, null);
        assertThat(of(Unit.DAYS, halves, whole)).extracting(RuleConflict::field).containsExactly("terms.rounding");
        assertThat(of(Unit.HOURS, halves, whole)).isEmpty();
    }

    @Test
    void scalingWhatIsEarnedByHours() {
        WrittenTerms scaled = TermsWriter.perHours("1", "30").scaledByFte().write();
        assertThat(of(Unit.HOURS, scaled, null)).extracting(RuleConflict::field).containsExactly("terms.scaling");
    }

    private static WrittenTerms grant() {
        return TermsWriter.upfront("20", Upfront.FirstYear.FULL).write();
    }

    private static List<RuleConflict> of(Unit unit, WrittenTerms terms, RequestRules rules) {
        return RuleConflicts.of(unit, "01-01", terms, rules);
    }
}
