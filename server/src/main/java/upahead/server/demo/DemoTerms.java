package upahead.server.demo;

import upahead.core.earning.PerPeriod;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.policy.Wait;
import upahead.core.quantity.Rounding;
import upahead.server.policies.TermsWriter;
import upahead.written.WrittenTerms;

/** What the rarer policies of the demo say. */
final class DemoTerms {

    private DemoTerms() {}

    static WrittenTerms respite() {
        return TermsWriter.perYear("31", PerPeriod.Every.PAY_PERIOD, PerPeriod.Posts.END, PerPeriod.Months.CALENDAR)
                .scaledByFte()
                .rounded("0.25", Rounding.Mode.UP)
                .limit(Limit.EARNED_PER_YEAR, "36")
                .carry("6", Leftover.PAY_OUT)
                .onLeaving(Leftover.LAPSE)
                .write();
    }

    static WrittenTerms volunteering(String days) {
        return TermsWriter.perYear(days, PerPeriod.Every.DAY, PerPeriod.Posts.END, PerPeriod.Months.CALENDAR)
                .rounded("0.5", Rounding.Mode.DOWN)
                .limit(Limit.USED_PER_YEAR, "5")
                .carry("1", Leftover.LAPSE)
                .carriedForMonths(3)
                .onLeaving(Leftover.LAPSE)
                .write();
    }

    static WrittenTerms anniversary() {
        return TermsWriter.perYear("18", PerPeriod.Every.MONTH, PerPeriod.Posts.START, PerPeriod.Months.FROM_HIRE)
                .tenure(3, "24")
                .waitToEarn(6, Wait.In.MONTHS)
                .creditsUsable(9, Wait.In.MONTHS)
                .onLeaving(Leftover.LAPSE)
                .write();
    }
}
