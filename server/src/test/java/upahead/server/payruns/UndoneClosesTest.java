package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static upahead.server.payruns.SmallCompany.MONDAY;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.server.cards.CardTyping;
import upahead.server.cards.CardTyping.TypedLine;
import upahead.server.facts.hours.HoursImport;
import upahead.server.payruns.delivery.HandOverFiles;
import upahead.server.platform.clock.MovableClock;

/** Closes that are undone, and runs that go on after them. */
@WithSmallCompanies
class UndoneClosesTest {

    @Autowired
    private SmallCompany company;

    @BeforeEach
    void found() {
        company.found();
    }

    @Autowired
    private PayRuns runs;

    @Autowired
    private RunClosing closing;

    @Autowired
    private Postings postings;

    @Autowired
    private HandOverFiles handOver;

    @Autowired
    private HoursImport hours;

    @Autowired
    private CardTyping cards;

    @Autowired
    private MovableClock clock;

    @Test
    void anUndoneCloseTakesBackWhatPayrollGotAndItsFileStays() {
        company.work("regular,40");
        long id = company.close(company.newest()).run().id();
        List<String> got = handedOver(id);
        company.act(() -> closing.undo(id, "a day too early"));
        assertThatThrownBy(() -> handedOver(id)).hasMessage("Payroll gets its file when the run is closed.");
        assertThat(PayrollFile.rows(company.act(() -> handOver.csv(id, 1, true))))
                .containsExactly("Only One,REG,regular hours,-40,hours,2027-03-01,2027-03-07,taken back");
        company.act(() -> {
            cards.change(company.personId(), List.of(new TypedLine(MONDAY, "10h", "9h")), "");
            return null;
        });
        company.close(company.act(() -> runs.worksheet(id)).run());
        assertThat(PayrollFile.rows(company.act(() -> handOver.csv(id, 1, false))))
                .isEqualTo(got);
        assertThat(handedOver(id)).containsExactly("Only One,REG,regular hours,39,hours,2027-03-01,2027-03-07,period");
    }

    private List<WorksheetRow> rows(long id) {
        return company.rows(company.act(() -> runs.worksheet(id)).run());
    }

    private List<String> handedOver(long runId) {
        return PayrollFile.rows(company.act(() -> handOver.csv(runId, null, false)));
    }

    @Test
    void anUndoneCloseIsReversedAndClosedAgainWithTheSameLines() {
        company.work("regular,40");
        long id = company.close(company.newest()).run().id();
        List<WorksheetRow> closed = rows(id);
        PayRun undone = company.act(() -> closing.undo(id, "a day too early"));
        assertThat(undone.state()).isEqualTo(RunState.UNDONE);
        Worksheet open = company.act(() -> runs.worksheet(id));
        assertThat(rows(id).get(0).opening()).isEqualTo(Amount.ZERO);
        assertThat(open.events().get(2).reason()).isEqualTo("a day too early");
        company.close(open.run());
        assertThat(rows(id)).isEqualTo(closed);
        assertThat(company.act(() -> runs.ofGroup(company.groupId()))).hasSize(2);
        assertThat(company.act(() ->
                        postings.corrections(company.personId(), closed.get(0).policyId())))
                .allMatch(posting -> posting.line().sort() == NewPosting.Sort.REVERSAL)
                .hasSize(closed.get(0).lines().size());
    }

    @Test
    void onlyTheNewestCloseCanBeUndoneAndOnlyWithAReason() {
        company.work("regular,40");
        long first = company.close(company.newest()).run().id();
        assertThatThrownBy(() -> company.act(() -> closing.undo(first, " ")))
                .hasMessage("Please say why the close is undone.");
        assertThatThrownBy(() -> company.act(() -> closing.undo(company.newest().id(), "why not")))
                .hasMessageContaining("not closed; there is nothing to undo");
        clock.moveTo(MONDAY.plusWeeks(2));
        company.takeSecondWeek();
        company.close(company.newest());
        assertThatThrownBy(() -> company.act(() -> closing.undo(first, "too late")))
                .hasMessageContaining("Only the newest");
    }

    @Test
    void afterAnUndoneCloseTheNextRunWaits() {
        company.work("regular,40");
        long first = company.close(company.newest()).run().id();
        company.act(() -> closing.undo(first, "wrong hours"));
        assertThat(company.act(() -> runs.blockersLately(company.newest().id())).rows())
                .extracting(Blocker::kind)
                .contains(Blocker.Kind.EARLIER_RUN_OPEN);
    }
}
