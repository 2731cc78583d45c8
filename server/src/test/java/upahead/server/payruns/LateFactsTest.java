package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static upahead.server.database.Tables.POSTED_LINE;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.facts.Adjustment;
import upahead.core.payrun.NewPosting.Sort;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.cards.CardTyping;
import upahead.server.cards.CardTyping.TypedLine;
import upahead.server.facts.adjustments.Adjustments;
import upahead.server.payruns.ProofReport.ProofDifference;
import upahead.server.periods.LateChange.Subject;
import upahead.server.platform.access.CurrentUser;
import upahead.server.requests.Cancelling;
import upahead.server.requests.RequestDetail;
import upahead.server.requests.Requests;
import upahead.server.requests.leave.RequestQuery;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;

/**
 * Facts that change after the close of 11 April. Each shows up in the open run, 12 to 25 April, with what caused it.
 * Person 46 is Delphine, hourly; 28 is Leofric, hired on 15 March; policy 1 is hourly leave, 3 sick time.
 */
@WithDemo
class LateFactsTest {

    private static final long HOURLY_LEAVE = 1;

    private static final long SICK_TIME = 3;

    @Autowired
    private PayRuns runs;

    @Autowired
    private Proof proof;

    @Autowired
    private Postings postings;

    @Autowired
    private CardTyping cards;

    @Autowired
    private Requests requests;

    @Autowired
    private Cancelling cancelling;

    @Autowired
    private Adjustments adjustments;

    @Autowired
    private CurrentUser user;

    @Autowired
    private DSLContext sql;

    @Test
    void hoursCorrectedAfterTheClose() {
        type("2027-04-06", "8h", "3h", "went home");
        WorksheetLine line = correction(46, HOURLY_LEAVE);
        assertThat(line.about()).isEqualTo("2027-04-11");
        assertThat(line.on()).isEqualTo("2027-04-12");
        assertThat(line.amount()).isLessThan(Amount.ZERO);
        assertThat(line.why())
                .startsWith(
                        "Regular hours of 6 April changed from 8 to 3 by Ada Payroll: went home. Now: 76.5 hours counted");
        assertThat(line.cause().subject()).isEqualTo(Subject.HOURS);
        assertExplained(46, HOURLY_LEAVE, "Regular hours of 6 April");
    }

    @Test
    void theSecondOfTwoWhoChangeTheSameHoursIsTold() {
        type("2027-04-06", "8h", "3h", "went home");
        assertThatThrownBy(() -> type("2027-04-06", "8h", "5h", "test"))
                .hasMessage("Somebody else changed 6 April meanwhile to “3h”. Yours was not stored.");
        assertThatThrownBy(() -> type("2027-05-07", "", "1h", "")).hasMessageContaining("up to today");
    }

    private void type(String on, String seen, String line, String reason) {
        act(() -> {
            cards.change(46, List.of(new TypedLine(LocalDate.parse(on), seen, line)), reason);
            return null;
        });
    }

    @Test
    void anApprovedDayCancelledAfterTheClose() {
        RequestSummary taken = approvedIn(LocalDate.of(2027, 1, 4), LocalDate.of(2027, 4, 11));
        RequestDetail before = act(() -> requests.open(taken.id()));
        RequestDetail after =
                act(() -> cancelling.cancel(taken.id(), taken.edits(), Set.of(taken.first()), "was at work"));
        assertThat(after.request().state())
                .isEqualTo(before.review().days().size() == 1 ? RequestState.CANCELLED : RequestState.PARTLY_APPROVED);
        WorksheetLine line = correction(taken.personId(), taken.policyId());
        assertThat(line.about()).isEqualTo(taken.first());
        assertThat(line.amount()).isGreaterThan(Amount.ZERO);
        assertThat(line.cause().subject()).isEqualTo(Subject.REQUEST);
        assertThat(line.cause().subjectId()).isEqualTo(taken.id());
        assertExplained(taken.personId(), taken.policyId(), taken.policy() + " of ");
        assertThatThrownBy(
                        () -> act(() -> cancelling.cancel(taken.id(), taken.edits(), Set.of(taken.first()), "again")))
                .hasMessage("Please choose days that are approved.");
        assertThatThrownBy(() -> act(() -> cancelling.cancel(taken.id(), taken.edits(), Set.of(taken.first()), " ")))
                .hasMessage("Please say why it is cancelled.");
    }

    @Test
    void whatNoLateChangeExplainsIsNamed() {
        assertThat(act(proof::prove).unexplained()).isZero();
        sql.update(POSTED_LINE)
                .set(POSTED_LINE.AMOUNT, POSTED_LINE.AMOUNT.plus(1))
                .where(POSTED_LINE.PERSON_ID.eq(30L))
                .and(POSTED_LINE.POLICY_ID.eq(SICK_TIME))
                .and(POSTED_LINE.ABOUT.eq(LocalDate.of(2027, 2, 1)))
                .execute();
        assertThat(act(proof::prove).differences())
                .filteredOn(each -> each.causes().isEmpty())
                .singleElement()
                .satisfies(each -> {
                    assertThat(each.person()).isEqualTo("Nuala Vosper");
                    assertThat(each.about()).isEqualTo("2027-02-01");
                    assertThat(each.posted().minus(each.derived())).isEqualTo(Amount.ONE);
                });
    }

    @Test
    void aLateAdjustmentIsExplainedByItsReason() {
        act(() -> {
            adjustments.adjust(30, SICK_TIME, new Adjustment(LocalDate.of(2027, 3, 3), Amount.of(-2), "counted twice"));
            return null;
        });
        assertThat(correction(30, SICK_TIME).why())
                .isEqualTo("Adjusted on 3 March by Ada Payroll: counted twice. Now: Adjusted: counted twice");
    }

    @Test
    void whatEarlierRunsCorrectedIsKeptWithItsCause() {
        assertThat(act(() -> postings.corrections(46, HOURLY_LEAVE)))
                .singleElement()
                .satisfies(posting -> {
                    assertThat(posting.firstDay()).isEqualTo("2027-03-01");
                    assertThat(posting.line().about()).isEqualTo("2027-02-28");
                    assertThat(posting.line().cause().what())
                            .isEqualTo(
                                    "Regular hours of 24 February changed from 8 to 5.5 by Teodric Brackwyn: went home early");
                });
    }

    private RequestSummary approvedIn(LocalDate from, LocalDate through) {
        long group = hourlyGroup();
        Set<Long> people =
                Set.copyOf(act(() -> runs.rows(runs.ofGroup(group).get(0).id(), WorksheetQuery.everything())).stream()
                        .map(WorksheetRow::personId)
                        .toList());
        return act(() -> requests.queue(RequestQuery.in(Set.of(RequestState.APPROVED), 200))).items().stream()
                .filter(request -> people.contains(request.personId()))
                .filter(request ->
                        !request.first().isBefore(from) && !request.last().isAfter(through))
                .filter(request -> act(() -> requests.open(request.id()))
                        .review()
                        .days()
                        .get(0)
                        .amount()
                        .isPositive())
                .findFirst()
                .orElseThrow();
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

    private WorksheetLine correction(long personId, long policyId) {
        return row(personId, policyId).lines().stream()
                .filter(line -> line.sort() == Sort.CORRECTION)
                .findFirst()
                .orElseThrow();
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
