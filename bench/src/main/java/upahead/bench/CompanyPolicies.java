package upahead.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Upfront;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.policy.Wait;
import upahead.core.quantity.Unit;
import upahead.server.enrolment.PuttingInForce;
import upahead.server.policies.Coverage;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.PolicyVersion;
import upahead.server.policies.RequestRules;
import upahead.server.policies.TermsWriter;
import upahead.written.WrittenTerms;

/** The five policies of the made-up company, one of each way of earning that is common. */
final class CompanyPolicies {

    private final PolicyTexts texts;
    private final PuttingInForce inForce;

    CompanyPolicies(ConfigurableApplicationContext program) {
        this.texts = program.getBean(PolicyTexts.class);
        this.inForce = program.getBean(PuttingInForce.class);
    }

    /** Puts them in force for everybody; their ids. */
    List<Long> inForce(LocalDate from) {
        List<Long> ids = new ArrayList<>();
        ids.add(inForce("Leave by hours", byHours(), from));
        ids.add(inForce("Leave by pay period", byPayPeriod(), from));
        ids.add(inForce("Sick time", byMonth(), from));
        ids.add(inForce("Yearly days", upfront(), from));
        ids.add(inForce("Extra hours", TermsWriter.perHours("1", "60").write(), from));
        return ids;
    }

    private static WrittenTerms byHours() {
        return TermsWriter.perHours("1", "23")
                .tenure(4, "1.3")
                .waitToUse(45, Wait.In.DAYS)
                .limit(Limit.BALANCE, "74")
                .carry("37", Leftover.LAPSE)
                .write();
    }

    private static WrittenTerms byPayPeriod() {
        return TermsWriter.perYear("91", PerPeriod.Every.PAY_PERIOD, PerPeriod.Posts.END, PerPeriod.Months.CALENDAR)
                .scaledByFte()
                .limit(Limit.EARNED_PER_YEAR, "95")
                .carry("40", Leftover.PAY_OUT)
                .carriedUntil("03-31")
                .write();
    }

    private static WrittenTerms byMonth() {
        return TermsWriter.perYear("54", PerPeriod.Every.MONTH, PerPeriod.Posts.START, PerPeriod.Months.CALENDAR)
                .limit(Limit.BALANCE, "81")
                .limit(Limit.USED_PER_YEAR, "63")
                .write();
    }

    private static WrittenTerms upfront() {
        return TermsWriter.upfront("23", Upfront.FirstYear.BY_DAYS)
                .tenure(5, "26")
                .limit(Limit.OVERDRAW, "2")
                .write();
    }

    private long inForce(String name, WrittenTerms terms, LocalDate from) {
        PolicyDetail draft = texts.write(new NewPolicy(
                name,
                PolicyKind.VACATION,
                Unit.HOURS,
                true,
                "X",
                "01-01",
                new RequestRules(false, false, 0, false),
                terms));
        PolicyVersion version = draft.versions().get(0);
        inForce.putInForce(draft.id(), version.id(), version.edits(), from, Coverage.everybody(), "");
        return draft.id();
    }
}
