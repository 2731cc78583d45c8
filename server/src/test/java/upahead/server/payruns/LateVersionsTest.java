package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.payrun.NewPosting.Sort;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.Balances;
import upahead.server.enrolment.PuttingInForce;
import upahead.server.payruns.ProofReport.ProofDifference;
import upahead.server.platform.access.CurrentUser;
import upahead.server.policies.Coverage;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.PolicyVersion;
import upahead.server.policies.TermsWriter;
import upahead.server.staffing.HireDates;
import upahead.written.WrittenTerms;

/**
 * Facts that change after the close of 11 April. Each shows up in the open run, 12 to 25 April, with what caused it.
 * Person 46 is Delphine, hourly; 28 is Leofric, hired on 15 March; policy 1 is hourly leave, 3 sick time.
 */
/** Hire dates and versions that change what was closed. */
@WithDemo
class LateVersionsTest {

    private static final long SICK_TIME = 3;

    @Autowired
    private PayRuns runs;

    @Autowired
    private Proof proof;

    @Autowired
    private HireDates hireDates;

    @Autowired
    private Policies policies;

    @Autowired
    private PuttingInForce inForce;

    @Autowired
    private PolicyTexts texts;

    @Autowired
    private Balances balances;

    @Autowired
    private CurrentUser user;

    @Test
    void aHireDateMovedBack() {
        act(() -> hireDates.move(28, LocalDate.of(2027, 3, 1)));
        List<WorksheetLine> lines = row(28, SICK_TIME).lines();
        assertThat(lines)
                .filteredOn(line -> line.sort() == Sort.CORRECTION)
                .isNotEmpty()
                .allMatch(line -> line.why().startsWith("Hire date moved from 15 March to 1 March by Ada Payroll."));
        assertThat(act(() -> balances.one(28, SICK_TIME, LocalDate.of(2027, 3, 10)))
                        .figures()
                        .balance())
                .isEqualTo(Amount.of("4.5"));
        assertExplained(28, SICK_TIME, "Hire date moved");
        assertThatThrownBy(() -> act(() -> hireDates.move(57, LocalDate.of(2028, 1, 1))))
                .hasMessageContaining("after the last day");
    }

    @Test
    void aVersionPutInForceFromAPastDate() {
        putInForce(
                SICK_TIME,
                TermsWriter.earning(policies.get(SICK_TIME)
                                .versions()
                                .get(0)
                                .terms()
                                .earning())
                        .limit(Limit.BALANCE, "20")
                        .write(),
                LocalDate.of(2027, 3, 1));
        ProofReport report = act(proof::prove);
        assertThat(report.unexplained()).isZero();
        assertThat(report.differences())
                .filteredOn(each -> each.policyId() == SICK_TIME)
                .hasSizeGreaterThan(10)
                .allMatch(each ->
                        each.causes().get(0).what().startsWith("Version of Sick time from 1 March put in force"));
    }

    @Test
    void aMethodCannotChangeInsideAPayPeriodOfAnyGroup() {
        assertThatThrownBy(() ->
                        putInForce(SICK_TIME, TermsWriter.perHours("1", "40").write(), LocalDate.of(2027, 5, 10)))
                .hasMessageContaining(
                        "only from the first day of a pay period on. For Salaried staff that is 1 May or");
    }

    private void putInForce(long policyId, WrittenTerms terms, LocalDate from) {
        PolicyDetail policy = act(() -> texts.draft(policyId, terms));
        PolicyVersion draft = policy.versions().get(policy.versions().size() - 1);
        act(() -> inForce.putInForce(
                policyId, draft.id(), draft.edits(), from, Coverage.people(List.of()), "new agreement"));
    }

    private void assertExplained(long personId, long policyId, String cause) {
        ProofReport report = act(proof::prove);
        assertThat(report.unexplained()).isZero();
        ProofDifference difference = report.differences().stream()
                .filter(each -> each.personId() == personId && each.policyId() == policyId)
                .findFirst()
                .orElseThrow();
        assertThat(difference.causes().get(0).what()).startsWith(cause);
    }

    private WorksheetRow row(long personId, long policyId) {
        PayRun open = act(() -> runs.ofGroup(hourlyGroup())).get(0);
        return act(() -> runs.rows(open.id(), WorksheetQuery.everything())).stream()
                .filter(each -> each.personId() == personId && each.policyId() == policyId)
                .findFirst()
                .orElseThrow();
    }

    private long hourlyGroup() {
        return 1;
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
